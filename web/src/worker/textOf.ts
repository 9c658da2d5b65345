/** The same bytes in the code that older programs of western Europe write: Latin-1 with quotes and dashes. */
const OLDER = 'windows-1252'

/**
 * A file as text: UTF-16 where its first two bytes say so, UTF-8 where its bytes are that, else Latin-1, which old spreadsheets still write.
 */
export function decoded(bytes: Uint8Array): string {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return new TextDecoder('utf-16le').decode(bytes)
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return new TextDecoder('utf-16be').decode(bytes)
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes)
  } catch {
    return new TextDecoder(OLDER).decode(bytes)
  }
}

export const textOf = async (file: Blob): Promise<string> => decoded(new Uint8Array(await file.arrayBuffer()))
