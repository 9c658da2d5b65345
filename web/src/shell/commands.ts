import { useMemo } from 'react'
import { useNavigate } from 'react-router'
import { redo, undo } from '../store/index.ts'
import { toggleFace, toggleUnits } from './deeds.ts'
import { STATIONS } from './stations.ts'

const keeping = () => import('./keeping.ts')

/** Something that can be done from anywhere: by key, from the palette, or from a button. */
export interface Command {
  readonly name: string
  /** Words it is found by, besides its name. */
  readonly about?: string
  /** Key, or two keys in a row. */
  readonly keys?: string
  readonly run: () => void
}

export function useCommands(): readonly Command[] {
  const navigate = useNavigate()
  return useMemo(
    () => [
      ...STATIONS.map(({ path, name, keys }) => ({
        name: `Go to ${name}`,
        keys,
        run: () => void navigate(`/${path}`),
      })),
      { name: 'Add gear by typing', keys: 'a', run: () => void navigate('/gear?add') },
      { name: 'Switch grains and grams', keys: 'u', run: toggleUnits },
      { name: 'Switch light and dark', keys: 'd', run: toggleFace },
      { name: 'Undo', keys: 'z', run: () => void undo() },
      { name: 'Redo', keys: 'y', run: () => void redo() },
      { name: 'Save everything to a file', run: () => void keeping().then((m) => m.saveEverything()) },
      {
        name: 'Send to another device',
        about: 'share backup phone table',
        run: () => void keeping().then((m) => m.carryOver()),
      },
      { name: 'Open or leave the demo', run: () => void navigate('/settings?ask-demo') },
    ],
    [navigate],
  )
}
