import { useEffect, useRef } from 'react'

/** Whether the step of the way that the browser is at was made for a sheet. */
const atASheet = (): boolean => (history.state as { readonly sheet?: true } | null)?.sheet === true

/** Back closes a sheet that has no address of its own, and leaves the page where it is. */
export function useBackCloses(open: boolean, onClose: () => void): void {
  const close = useRef(onClose)
  close.current = onClose
  useEffect(() => {
    if (!open) return
    history.pushState({ ...(history.state as object | null), sheet: true }, '')
    const onBack = (): void => {
      if (!atASheet()) close.current()
    }
    addEventListener('popstate', onBack)
    return () => {
      removeEventListener('popstate', onBack)
      // Where another page was gone to, that step stands.
      if (atASheet()) history.back()
    }
  }, [open])
}
