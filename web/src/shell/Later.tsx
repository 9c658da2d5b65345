import { useEffect, useMemo } from 'react'
import {
  type NavigationType,
  useLocation,
  useNavigate,
  useNavigationType,
  useSearchParams,
} from 'react-router'
import { useTeaching } from '../day/useTeaching.ts'
import {
  claimTab,
  hasGear,
  noticeFailed,
  noticeLasting,
  noticeOffer,
  noticeSaid,
  onVersionTrouble,
  openStore,
  useDemoThere,
} from '../store/index.ts'
import { useCommands } from './commands.ts'
import { loadDemo } from './keeping.ts'
import { askToBeSafe, isSafe, keepWhole } from './onDevice.ts'
import { useKeys } from './useKeys.ts'

/** Keeps this tab’s name to itself, and says so when another tab’s Hoxen is of another version. */
function useOneStore(): void {
  useEffect(() => {
    void claimTab()
    openStore().catch(noticeLasting)
    onVersionTrouble((trouble) =>
      noticeSaid(
        trouble === 'newer-tab'
          ? 'A newer version is open in another tab. Reload this page to carry on here; nothing is lost.'
          : 'An older version is open in another tab. Close that tab and this one will carry on.',
      ),
    )
  }, [])
}

/** Keeps the whole application on the device, and says when a newer one is ready. */
function useKeptWhole(): void {
  useEffect(() => {
    keepWhole(
      (load) => noticeOffer('An update is ready. Your data stays as it is.', 'Update', load),
      () => noticeSaid('Hoxen was updated in another tab. Reload this page when it suits you.'),
    ).catch(console.warn)
  }, [])
}

/** Asks the browser once to keep what is one’s own, as soon as there is something. */
function useSafeKeeping(): void {
  const there = useDemoThere()
  const own = there?.gear && !there.demo
  useEffect(() => {
    if (own) void isSafe().then((safe) => (safe === false ? askToBeSafe() : safe), console.warn)
  }, [own])
}

/** Opens the demo when the address asks for it and nothing would be overwritten. */
function useDemoAddress(): void {
  const [params, setParams] = useSearchParams()
  const there = useDemoThere()
  const navigate = useNavigate()
  const { pathname } = useLocation()
  const wanted = params.has('demo') || new URLSearchParams(location.search).has('demo')
  useEffect(() => {
    // On the way to the first station the address is still that of none: setting it would go back there, to an empty page.
    if (!wanted || there === undefined || pathname === '/') return
    history.replaceState(history.state, '', `${location.pathname}${location.hash}`)
    setParams(
      (old) => {
        old.delete('demo')
        return old
      },
      { replace: true },
    )
    hasGear().then((has) => {
      if (!has) loadDemo()
      // One's own is never put aside unasked.
      else if (there?.demo === false) void navigate('/settings?ask-demo')
    }, noticeFailed)
  }, [wanted, setParams, there, navigate, pathname])
}

/** Time a page that is gone back to may take until it is as long as it was [ms]. */
const GROWS_MS = 1500
/** What a hand does that wants the page elsewhere. */
const HANDS = ['wheel', 'touchstart', 'pointerdown', 'keydown'] as const
/** Scroll positions of the pages of this visit. */
const places = new Map<string, number>()

/** A page that is gone to starts at its top; one that is gone back to is found where it was left, as soon as it is as long again. */
export function usePlace(): void {
  const { key, pathname, search, hash } = useLocation()
  const kind = useNavigationType()
  // Addresses that are typed have one key.
  const page = `${key} ${pathname}${search}`
  useEffect(() => {
    const wanted = placeOf(kind, key, page, hash)
    const until = performance.now() + GROWS_MS
    let frame = 0
    const go = (): void => {
      if (wanted === undefined) return
      scrollTo(0, wanted)
      if (Math.abs(scrollY - wanted) > 2 && performance.now() < until) frame = requestAnimationFrame(go)
    }
    go()
    const stop = (): void => cancelAnimationFrame(frame)
    const keep = (): void => void places.set(page, scrollY)
    addEventListener('scrollend', keep)
    for (const hand of HANDS) addEventListener(hand, stop, { passive: true })
    return () => {
      stop()
      removeEventListener('scrollend', keep)
      for (const hand of HANDS) removeEventListener(hand, stop)
    }
  }, [page, key, kind, hash])
}

/** Key of every address that was typed, and of the first. */
const TYPED = 'default'

/** Where a page is to be found; undefined where an address names a place on it, or the browser itself knows. */
function placeOf(kind: NavigationType, key: string, page: string, hash: string): number | undefined {
  if (kind === 'POP' && places.has(page)) return places.get(page)
  const typed = key === TYPED && places.size > 0
  return hash === '' && (kind === 'PUSH' || (kind === 'POP' && typed)) ? 0 : undefined
}

const NAME = 'Hoxen'

/** The page is called by its heading; gone to by a link, the heading is where one reads on. */
function useHeading(pathname: string): void {
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

interface Props {
  readonly pathname: string
  /** While something lies over the page its keys rest. */
  readonly quiet: boolean
  readonly onOpen: (what: 'palette' | 'keys') => void
}

/** Keys of all that can be done from anywhere. */
function useAllKeys({ quiet, onOpen }: Props): void {
  const commands = useCommands()
  const withSheets = useMemo(
    () => [
      ...commands,
      { name: 'Find', keys: '/', run: () => onOpen('palette') },
      { name: 'Keys', keys: '?', run: () => onOpen('keys') },
    ],
    [commands, onOpen],
  )
  useKeys(withSheets, !quiet)
}

/** Parts of the frame that load after the first paint: keys, title, scroll position, persistence, the demo by address. */
export function Later(props: Props) {
  const { pathname } = props
  useAllKeys(props)
  useDemoAddress()
  useOneStore()
  useTeaching()
  useKeptWhole()
  useSafeKeeping()
  usePlace()
  useHeading(pathname)
  return null
}
