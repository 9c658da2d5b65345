import { noticeSaid } from '../store/index.ts'
import { isOnlyHere } from './address.ts'

/** Hands a link to the share sheet, or to the clipboard. @param copied said once it is there */
export async function hand(url: string, title: string, copied: string): Promise<void> {
  if (navigator.share !== undefined && matchMedia('(pointer: coarse)').matches) {
    try {
      await navigator.share({ title, url })
      return
    } catch (error) {
      if (error instanceof DOMException && error.name === 'AbortError') return
    }
  }
  await navigator.clipboard.writeText(url)
  noticeSaid(
    isOnlyHere()
      ? 'Link copied. It only opens on this machine: to share it, copy it from an address other devices can reach.'
      : copied,
  )
}
