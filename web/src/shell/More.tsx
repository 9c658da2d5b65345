import { NavLink } from 'react-router'
import { redo, useHistory, useSettings } from '../store/index.ts'
import { Sheet } from '../ui/index.ts'
import { toggleFace, toggleUnits } from './deeds.ts'
import { STATIONS } from './stations.ts'

interface Props {
  readonly dark: boolean
  readonly onClose: () => void
}

const row = 'flex min-h-12 w-full items-center gap-3 border-b border-rule text-left text-lg'

/** All that a phone's bar and head have no room for. */
export function More({ dark, onClose }: Props) {
  const { units } = useSettings()
  const history = useHistory()
  return (
    <Sheet open title="More" onClose={onClose}>
      <nav aria-label="More pages">
        {STATIONS.filter(({ atTheTable }) => atTheTable).map(({ path, name, icon: Icon }) => (
          <NavLink key={path} to={`/${path}`} onClick={onClose} className={row}>
            <Icon size={20} /> {name}
          </NavLink>
        ))}
      </nav>
      {history.redo !== undefined && (
        <button type="button" onClick={() => void redo()} className={row}>
          Redo: {history.redo}
        </button>
      )}
      <button type="button" onClick={toggleUnits} className={row}>
        {units === 'trade' ? 'Switch to grams and metres' : 'Switch to grains and feet'}
      </button>
      <button type="button" onClick={toggleFace} className={row}>
        {dark ? 'Light theme' : 'Dark theme'}
      </button>
    </Sheet>
  )
}
