import { changeKept, noticeFailed } from '../store/index.ts'

export const toggleUnits = (): void =>
  void changeKept('Switch units', 'settings', (s) => ({
    ...s,
    units: s.units === 'trade' ? 'metric' : 'trade',
  })).catch(noticeFailed)

export const toggleFace = (): void =>
  void changeKept('Switch light and dark', 'settings', (s) => ({
    ...s,
    face: isDark() ? 'light' : 'dark',
  })).catch(noticeFailed)

const isDark = (): boolean => document.documentElement.dataset.face === 'dark'
