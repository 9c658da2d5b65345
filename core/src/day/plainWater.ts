import type { Run } from '../water/index.ts'
import type { Job } from './job.ts'

/** Width of the water that a plain word stands for [m]; never so narrow that the cast lands beyond it. [estimate] */
const WIDTH_M = { beck: 10, river: 36, 'big-river': 70, surf: 80 } as const
const BOTTOM = { beck: 'gravel', river: 'cobble', 'big-river': 'cobble', surf: 'sand' } as const
/** Times the cast that the water is wide at least. [estimate] */
const CASTS_WIDE = 1.5
/** The bed rises to the angler's bank over this share of the width. [estimate] */
const NEAR_SHARE = 1 / 3
/** The angler stands no deeper than this [m], and no deeper than half the water. [practice] */
const STANDS_M = 0.6

/**
 * The water a job describes in plain words, as a run: it rises to the angler's bank over its near third, and has the
 * stated depth and surface current over the fish. [estimate]
 */
export function runOfWords(job: Pick<Job, 'water' | 'waterDepthM' | 'currentMps' | 'castM' | 'caster'>): Run {
  const { waterDepthM: depthM, currentMps } = job
  const widthM = Math.max(WIDTH_M[job.water], CASTS_WIDE * job.castM)
  const nearM = widthM * NEAR_SHARE
  return {
    id: 'as-described',
    name: 'The water as described',
    bank: 'right',
    widthM,
    soundings: [
      { fromBankM: nearM, depthM },
      { fromBankM: widthM, depthM },
    ],
    currents: [
      { fromBankM: 0, mps: currentMps / 2 },
      { fromBankM: nearM, mps: currentMps },
    ],
    bottom: BOTTOM[job.water],
    wadeM: nearM * Math.min(0.5, STANDS_M / depthM),
  }
}
