import { JOB_LIMITS } from '@hoxen/core/gear'
import { fishedWater, latest } from '@hoxen/core/water'
import { noticeDone, noticeFailed, readJob, saveDocuments } from '../../store/index.ts'
import type { Water } from './useWater.ts'

const within = (value: number, { low, high }: { readonly low: number; readonly high: number }): number =>
  Math.max(low, Math.min(high, value))

/** Brings this pool's water, as it is today, into the job: Match and its ledger then reckon with it. */
export function FishIt({ water }: { readonly water: Water }) {
  const { today, gauge } = water
  if (today === undefined) return null
  const take = async (): Promise<void> => {
    const { waterC: _old, ...job } = await readJob()
    const { depthM, currentMps } = fishedWater(today)
    const warm = gauge.record && latest(gauge.record.readings, 'waterC')
    await saveDocuments(`Fish ${today.name}`, {
      job: {
        ...job,
        waterDepthM: within(depthM, JOB_LIMITS.waterDepthM),
        currentMps: within(currentMps, JOB_LIMITS.currentMps),
        ...(warm === undefined ? {} : { waterC: within(warm.value, { low: -1, high: 40 }) }),
      },
    })
    noticeDone(`Match now reckons with ${today.name}`)
  }
  return (
    <button
      type="button"
      onClick={() => void take().catch(noticeFailed)}
      title="Its depth, current and temperature go into the job"
      className="no-print whitespace-nowrap font-medium text-river underline underline-offset-4"
    >
      Match for this water
    </button>
  )
}
