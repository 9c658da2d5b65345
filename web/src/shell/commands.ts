import { useMemo } from 'react'
import { useNavigate } from 'react-router'
import {
  changeSettings,
  exportEverything,
  noticeDone,
  noticeFailed,
  openDemo,
  redo,
  undo,
} from '../store/index.ts'
import { saveFile, today } from '../ui/index.ts'
import { PLACES } from './stations.ts'

/** Something that can be done from anywhere: by key, from the palette, or from a button. */
export interface Command {
  readonly name: string
  /** Key, or two keys in a row. */
  readonly keys?: string
  readonly run: () => void
}

export const toggleUnits = (): void =>
  void changeSettings('Switch units', (s) => ({
    ...s,
    units: s.units === 'trade' ? 'metric' : 'trade',
  })).catch(noticeFailed)

export const toggleFace = (): void =>
  void changeSettings('Switch face', (s) => ({ ...s, face: isDark() ? 'light' : 'dark' })).catch(noticeFailed)

const isDark = (): boolean => document.documentElement.dataset.face === 'dark'

export const saveEverything = (): void =>
  void exportEverything()
    .then((text) => saveFile(`hoxen-everything-${today()}.json`, text, 'application/json'))
    .catch(noticeFailed)

export const loadDemo = (): void =>
  void openDemo()
    .then((did) => did && noticeDone('The demo angler’s gear is here'))
    .catch(noticeFailed)

export function useCommands(): readonly Command[] {
  const navigate = useNavigate()
  return useMemo(
    () => [
      ...PLACES.map(({ to, name, keys }) => ({ name: `Go to ${name}`, keys, run: () => void navigate(to) })),
      { name: 'Add gear by typing', keys: 'a', run: () => void navigate('/gear?add') },
      { name: 'Switch grains and grams', keys: 'u', run: toggleUnits },
      { name: 'Switch light and dark', keys: 'd', run: toggleFace },
      { name: 'Undo', keys: 'z', run: () => void undo().catch(noticeFailed) },
      { name: 'Redo', keys: 'y', run: () => void redo().catch(noticeFailed) },
      { name: 'Save everything to a file', run: saveEverything },
      { name: 'Open the demo angler’s gear', run: loadDemo },
    ],
    [navigate],
  )
}
