import { behindOf, type Caution, cautionsIn, type Day, hushedOn, type Stand } from '@hoxen/core/day'
import { noticeFailed, setKept, useSingle } from '../store/index.ts'
import { today } from '../ui/index.ts'
import type { Air } from './useAir.ts'

/** The cautions of this moment; those put aside stay aside until midnight. */
export function useCautions(day: Day, stand: Stand, { wind, thunder, pool }: Air) {
  const hushed = hushedOn(useSingle('hushed'), today())
  const { obstruction } = behindOf(pool, stand)
  const setting = { day, wind, obstruction, shoulder: stand.shoulder, thunder }
  const put = (cautions: readonly Caution[]): void =>
    void setKept('Hide a caution', 'hushed', { on: today(), cautions }).catch(noticeFailed)
  return {
    apply: cautionsIn(setting),
    shown: cautionsIn(setting, hushed),
    hushed,
    hush: (caution: Caution) => put([...hushed, caution]),
    showAll: () => put([]),
  }
}
