import { Link } from 'react-router'

interface Props<T extends string> {
  readonly label: string
  /** Address of the first tab; the others are views of it. */
  readonly home: string
  readonly tabs: readonly (readonly [view: T, title: string])[]
  readonly at: T
}

/** On a narrow screen the one of a row that one is on is brought into view. */
export const intoView = (tab: HTMLAnchorElement | null): void =>
  tab?.scrollIntoView({ block: 'nearest', inline: 'center' })

/** The sides of a station, each with an address of its own. */
export function Tabs<T extends string>({ label, home, tabs, at }: Props<T>) {
  return (
    <nav aria-label={label} className="no-print -mb-px flex gap-x-1 overflow-x-auto">
      {tabs.map(([view, title], i) => (
        <Link
          key={view}
          to={i === 0 ? home : `${home}?view=${view}`}
          ref={view === at ? intoView : undefined}
          aria-current={view === at ? 'page' : undefined}
          className="flex min-h-11 shrink-0 items-center border-b-[3px] border-transparent px-3 hover:border-rule aria-[current=page]:border-river aria-[current=page]:font-semibold"
        >
          {title}
        </Link>
      ))}
    </nav>
  )
}

/** The view an address asks for, or the first. */
export function viewAt<T extends string>(
  tabs: readonly (readonly [view: T, title: string])[],
  asked: string | null,
): T {
  const [first] = tabs
  if (first === undefined) throw new Error('no tabs')
  return tabs.find(([view]) => view === asked)?.[0] ?? first[0]
}
