import { useEffect } from 'react'
import { useNavigationType } from 'react-router'

const NAME = 'Hoxen'

/** The page is called by its heading; gone to by a link, the heading is where one reads on. */
export function useHeading(pathname: string): void {
  const kind = useNavigationType()
  // biome-ignore lint/correctness/useExhaustiveDependencies: runs when the page changes
  useEffect(() => {
    /** A page that was gone to, until its heading is there. */
    let waiting = kind === 'PUSH'
    const page = document.querySelector('#page')
    if (page === null) return
    let heading: HTMLElement | null = null
    const look = (): void => {
      // A list that is scrolled changes the page at each frame, and its heading at none.
      if (heading === null || !page.contains(heading)) heading = page.querySelector('h1')
      const text = heading?.textContent.trim()
      const title = text ? `${text} – ${NAME}` : NAME
      if (document.title !== title) document.title = title
      if (heading === null || !waiting) return
      waiting = false
      // Whoever is typing already is left alone.
      if (document.activeElement?.matches('input, textarea, select')) return
      heading.tabIndex = -1
      heading.focus({ preventScroll: true })
    }
    look()
    const watch = new MutationObserver(look)
    watch.observe(page, { childList: true, subtree: true, characterData: true })
    return () => watch.disconnect()
  }, [pathname])
}
