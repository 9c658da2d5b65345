import { Ellipsis, Moon, Redo2, Search, Sun, Undo2 } from 'lucide-react'
import { type ReactNode, Suspense, useEffect, useState } from 'react'
import { NavLink, Outlet, useLocation } from 'react-router'
import { redo, undo, useHistory, useSettings } from '../store/index.ts'
import { lazily, Opening, UnitsContext } from '../ui/index.ts'
import { toggleFace, toggleUnits } from './deeds.ts'
import { Head } from './Head.tsx'
import { PageGuard } from './PageGuard.tsx'
import { STATIONS } from './stations.ts'
import { useFace } from './useFace.ts'

// Sheets and notices come after the first look.
const Palette = lazily(() => import('./Palette.tsx').then((m) => m.Palette))
const More = lazily(() => import('./More.tsx').then((m) => m.More))
const ShortcutSheet = lazily(() => import('./Palette.tsx').then((m) => m.ShortcutSheet))
const Later = lazily(() => import('./Later.tsx').then((m) => m.Later))
const Toaster = lazily(() => import('sonner').then((m) => m.Toaster))

export function Shell() {
  const settings = useSettings()
  const [open, setOpen] = useState<Opened>()
  const dark = useFace(settings.face)
  usePaletteKey(() => setOpen('palette'))
  const { pathname, search } = useLocation()
  const atTheBank = STATIONS.some((station) => station.atTheBank && pathname === `/${station.path}`)
  return (
    <UnitsContext value={settings.units}>
      <button
        type="button"
        onClick={() => document.getElementById('page')?.focus()}
        className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-sheet focus:p-3"
      >
        Skip to the page
      </button>
      <Head
        quiet={atTheBank}
        menu={<Menu />}
        tools={
          <Tools
            dark={dark}
            units={settings.units}
            onFind={() => setOpen('palette')}
            onKeys={() => setOpen('keys')}
          />
        }
      />
      <main
        id="page"
        data-at={pathname + search}
        tabIndex={-1}
        className="mx-auto max-w-[84rem] px-4 pt-4 pb-24 outline-none lg:pb-10"
      >
        <PageGuard address={pathname}>
          <Suspense fallback={<Opening />}>
            <Outlet />
          </Suspense>
        </PageGuard>
      </main>
      <Bar pathname={pathname} onMore={() => setOpen('more')} />
      <Suspense>
        <Later pathname={pathname} quiet={open !== undefined} onOpen={setOpen} />
        <Sheets open={open} dark={dark} onClose={() => setOpen(undefined)} />
        <Toaster {...TOASTS} theme={dark ? 'dark' : 'light'} />
      </Suspense>
    </UnitsContext>
  )
}

/** What lies over the page. */
type Opened = 'palette' | 'keys' | 'more'

interface SheetsProps {
  readonly open: Opened | undefined
  readonly dark: boolean
  readonly onClose: () => void
}

const Sheets = ({ open, dark, onClose }: SheetsProps) => (
  <>
    {open === 'palette' && <Palette open onClose={onClose} />}
    {open === 'keys' && <ShortcutSheet open onClose={onClose} />}
    {open === 'more' && <More dark={dark} onClose={onClose} />}
  </>
)

/** Where notices stand, and how they look. */
const TOASTS = {
  position: 'bottom-right',
  offset: 20,
  mobileOffset: 72,
  toastOptions: {
    style: {
      fontFamily: 'var(--font-text)',
      background: 'var(--ink)',
      color: 'var(--paper)',
      border: 'none',
      fontSize: '0.95rem',
    },
    actionButtonStyle: {
      background: 'var(--paper)',
      color: 'var(--ink)',
      // For a thumb, those behind the foremost, which are drawn smaller, too.
      minHeight: 50,
      fontSize: '0.9rem',
    },
  },
} as const

const Menu = () => (
  <>
    <NavLink
      to="/match"
      className="font-display mr-2 flex h-11 shrink-0 items-center whitespace-nowrap text-[1.35rem] font-bold tracking-tight"
    >
      Hoxen
    </NavLink>
    <nav aria-label="Pages" className="hidden lg:flex xl:gap-1">
      {STATIONS.map(({ path, name }) => (
        <NavLink
          key={path}
          to={`/${path}`}
          className={({ isActive }) =>
            `flex h-11 items-center border-b-[3px] px-2 xl:px-3 ${isActive ? 'border-river font-semibold' : 'border-transparent hover:border-rule'}`
          }
        >
          {name}
        </NavLink>
      ))}
    </nav>
  </>
)

const barLook = (active: boolean): string =>
  `flex min-h-12 flex-col items-center justify-center gap-0.5 text-[0.7rem] max-[23rem]:text-[0.6rem] ${active ? 'font-bold text-river' : ''}`

/** The bar of a phone: what one needs at the bank; the rest under “More”, which shows where one is. */
function Bar({ pathname, onMore }: { readonly pathname: string; readonly onMore: () => void }) {
  const further = STATIONS.find(({ atTheTable, path }) => atTheTable && pathname.startsWith(`/${path}`))
  const Icon = further?.icon ?? Ellipsis
  return (
    <nav
      aria-label="Pages"
      className="no-print fixed inset-x-0 bottom-0 z-30 grid auto-cols-fr grid-flow-col border-t border-rule bg-paper pb-[env(safe-area-inset-bottom)] lg:hidden"
    >
      {STATIONS.filter(({ atTheTable }) => !atTheTable).map(({ path, name, icon: Icon }) => (
        <NavLink key={path} to={`/${path}`} className={({ isActive }) => barLook(isActive)}>
          <Icon size={20} aria-hidden="true" />
          {name}
        </NavLink>
      ))}
      <button
        type="button"
        onClick={onMore}
        aria-label={further === undefined ? 'More' : `More: ${further.name}`}
        className={barLook(further !== undefined)}
      >
        <Icon size={20} aria-hidden="true" />
        {further?.name ?? 'More'}
      </button>
    </nav>
  )
}

/** Ctrl K finds all that can be done, from the first moment on and even while one types. */
function usePaletteKey(open: () => void): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (event.key.toLowerCase() !== 'k' || !(event.ctrlKey || event.metaKey)) return
      event.preventDefault()
      open()
    }
    addEventListener('keydown', onKey)
    return () => removeEventListener('keydown', onKey)
  })
}

interface ToolsProps {
  readonly dark: boolean
  readonly units: 'trade' | 'metric'
  readonly onFind: () => void
  readonly onKeys: () => void
}

function Tools({ dark, units, onFind, onKeys }: ToolsProps) {
  const history = useHistory()
  return (
    <div className="ml-auto flex items-center">
      <Tool
        label={history.undo === undefined ? 'Nothing to undo' : `Undo: ${history.undo}`}
        disabled={history.undo === undefined}
        onClick={() => void undo()}
      >
        <Undo2 size={19} aria-hidden="true" />
      </Tool>
      <Tool
        label={history.redo === undefined ? 'Nothing to redo' : `Redo: ${history.redo}`}
        disabled={history.redo === undefined}
        onClick={() => void redo()}
        narrow="max-lg:hidden"
      >
        <Redo2 size={19} aria-hidden="true" />
      </Tool>
      <Tool label="Do or find" onClick={onFind}>
        <Search size={19} aria-hidden="true" />
      </Tool>
      <button
        type="button"
        onClick={toggleUnits}
        aria-label={
          units === 'trade'
            ? 'Units: grains and feet. Switch to grams and metres'
            : 'Units: grams and metres. Switch to grains and feet'
        }
        className="h-11 rounded px-2 text-[0.9rem] font-semibold hover:bg-shoal max-lg:hidden"
      >
        {units === 'trade' ? 'gr · ft' : 'g · m'}
      </button>
      <Tool label={dark ? 'Light theme' : 'Dark theme'} onClick={toggleFace} narrow="max-lg:hidden">
        {dark ? <Sun size={19} aria-hidden="true" /> : <Moon size={19} aria-hidden="true" />}
      </Tool>
      <span className="hidden lg:block">
        <Tool label="Keys" onClick={onKeys}>
          <span aria-hidden="true" className="text-lg font-semibold">
            ?
          </span>
        </Tool>
      </span>
    </div>
  )
}

interface ToolProps {
  readonly label: string
  readonly onClick: () => void
  readonly disabled?: boolean
  /** Label where there is little room. */
  readonly narrow?: string
  readonly children: ReactNode
}

function Tool({ label, onClick, disabled = false, narrow = '', children }: ToolProps) {
  return (
    <button
      type="button"
      aria-label={label}
      title={label}
      onClick={onClick}
      disabled={disabled}
      className={`grid size-11 place-items-center rounded hover:bg-shoal disabled:opacity-35 disabled:hover:bg-transparent ${narrow}`}
    >
      {children}
    </button>
  )
}
