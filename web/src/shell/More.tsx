import { NavLink } from 'react-router'
import { Sheet } from '../ui/index.ts'
import { STATIONS } from './stations.ts'

interface Props {
  readonly dark: boolean
  readonly units: 'trade' | 'metric'
  readonly redo: string | undefined
  readonly onRedo: () => void
  readonly onUnits: () => void
  readonly onTheme: () => void
  readonly onClose: () => void
}

const row = 'flex min-h-12 w-full items-center gap-3 border-b border-rule text-left text-lg'

/** All that a phone's bar and head have no room for. */
export function More({ dark, units, redo, onRedo, onUnits, onTheme, onClose }: Props) {
  return (
    <Sheet open title="More" onClose={onClose}>
      <nav aria-label="More pages">
        {STATIONS.filter(({ atTheTable }) => atTheTable).map(({ path, name, icon: Icon }) => (
          <NavLink key={path} to={`/${path}`} onClick={onClose} className={row}>
            <Icon size={20} /> {name}
          </NavLink>
        ))}
      </nav>
      {redo !== undefined && (
        <button type="button" onClick={onRedo} className={row}>
          Redo: {redo}
        </button>
      )}
      <button type="button" onClick={onUnits} className={row}>
        {units === 'trade' ? 'Switch to grams and metres' : 'Switch to grains and feet'}
      </button>
      <button type="button" onClick={onTheme} className={row}>
        {dark ? 'Light theme' : 'Dark theme'}
      </button>
    </Sheet>
  )
}
