import type { Gear } from '@hoxen/core/gear'
import {
  type Drawn,
  type Level,
  type PractiseAbout,
  type RoundKind,
  roundInSteps,
} from '@hoxen/core/practise'
import type { Steps } from '@hoxen/core/rig'
import demoUrl from '../../../demo/skarn.json?url'

export { solveInSteps } from '@hoxen/core/practise'

/** A round to be drawn from one's own gear and waters. */
export interface RoundAsked extends Omit<PractiseAbout, 'gear'> {
  readonly kind: RoundKind
  readonly seed: number
  readonly level: Level
}

type Spare = Pick<PractiseAbout, 'gear' | 'runs'>
let spare: Promise<Spare> | undefined

async function readSpare(): Promise<Spare> {
  const [{ readDocument }, answer] = await Promise.all([import('./files.ts'), fetch(demoUrl)])
  if (!answer.ok) throw new Error('The demo’s gear could not be read.')
  const { document } = readDocument(await answer.text())
  return { gear: { items: document.items }, runs: document.runs }
}

/** The demo's gear and waters, which stand in where one's own give no round; asked for again where they did not come. */
function spareOf(): Promise<Spare> {
  spare ??= readSpare().catch((error: unknown) => {
    spare = undefined
    throw error
  })
  return spare
}

/** The round; undefined where there is none. @param work runs a calculation in steps */
export async function askedRound(
  { kind, seed, level, ...about }: RoundAsked,
  gear: Gear,
  work: (steps: Steps<Drawn | undefined>) => Promise<Drawn | undefined>,
): Promise<Drawn | undefined> {
  const own = await work(roundInSteps(kind, seed, { ...about, gear }, { level }))
  if (own !== undefined) return own
  return work(roundInSteps(kind, seed, { ...about, gear }, { level, spare: await spareOf() }))
}
