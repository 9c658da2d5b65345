import { changeKept, exportEverything, noticeDone, noticeFailed, openDemo } from '../store/index.ts'
import { saveFile, today } from '../ui/index.ts'

export const toggleUnits = (): void =>
  void changeKept('Switch units', 'settings', (s) => ({
    ...s,
    units: s.units === 'trade' ? 'metric' : 'trade',
  })).catch(noticeFailed)

export const toggleFace = (): void =>
  void changeKept('Switch face', 'settings', (s) => ({ ...s, face: isDark() ? 'light' : 'dark' })).catch(
    noticeFailed,
  )

const isDark = (): boolean => document.documentElement.dataset.face === 'dark'

export const saveEverything = (): void =>
  void exportEverything()
    .then((text) => saveFile(`hoxen-everything-${today()}.json`, text, 'application/json'))
    .catch(noticeFailed)

export const loadDemo = (): void =>
  void openDemo()
    .then((did) => did && noticeDone('The demo angler’s gear is here'))
    .catch(noticeFailed)
