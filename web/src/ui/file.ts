/** Hands the browser a file to save. Made here; nothing is sent anywhere. */
export function saveFile(name: string, text: string, type: string): void {
  const url = URL.createObjectURL(new Blob([text], { type }))
  const link = document.createElement('a')
  link.href = url
  link.download = name
  link.click()
  setTimeout(() => URL.revokeObjectURL(url), 10_000)
}

/** Date for a file name, in the user's own day. */
export const today = (): string => new Date().toLocaleDateString('sv')
