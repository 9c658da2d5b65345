import { inWords } from './inWords.ts'
import { toaster } from './notice.ts'

/** Says what stays true until it is mended. */
export function noticeLasting(error: unknown): void {
  const said = inWords(error)
  const text = said instanceof Error ? said.message : 'Something doesn’t work here.'
  void toaster().then(({ toast }) => toast.error(text, { duration: Number.POSITIVE_INFINITY }), console.error)
}

/** Offers something to be done, and stays until it is taken or waved away. */
export function noticeOffer(text: string, label: string, run: () => void): void {
  void toaster().then(
    ({ toast }) => toast(text, { duration: Number.POSITIVE_INFINITY, action: { label, onClick: run } }),
    console.error,
  )
}
