import { WATERS } from '@hoxen/core/day'
import { type FlowsAsked, flowQuantiles, flowsAround, type Trip } from '@hoxen/core/trip'
import { flowReach, type Run } from '@hoxen/core/water'
import { sayProblem, WATER_NAMES } from '@hoxen/core/words'
import { useState } from 'react'
import { FileField, OneOf, QuantityField, Select, useUnits } from '../../ui/index.ts'
import { ask } from '../../worker/index.ts'
import { changeTrip } from './useTrips.ts'

type Water = NonNullable<Trip['waters']>[number]

/** A trip with what it says of one of its waters changed. */
const withWater = (trip: Trip, runId: string, change: Partial<Record<keyof Water, unknown>>): Trip => {
  const waters = trip.waters ?? []
  const was = waters.find((water) => water.runId === runId)
  const next = Object.fromEntries(
    Object.entries({ runId, ...was, ...change }).filter(([, value]) => value !== undefined),
  ) as Water
  return {
    ...trip,
    waters: was === undefined ? [...waters, next] : waters.map((water) => (water === was ? next : water)),
  }
}

/** Levels each pool is to be fished at, and what is different there. */
export function Waters({ trip, runs }: { readonly trip: Trip; readonly runs: readonly Run[] }) {
  const fished = new Set(trip.days.flatMap(({ pools }) => pools.map(({ runId }) => runId)))
  const some = runs.filter(({ id }) => fished.has(id))
  if (some.length === 0)
    return <p className="text-faint">Choose the pools of the days, then the levels to be ready for.</p>
  return (
    <div>
      <h3 className="text-[1.05rem]">Levels to be ready for</h3>
      {some.map((run) => (
        <WaterFields key={run.id} trip={trip} run={run} />
      ))}
    </div>
  )
}

function WaterFields({ trip, run }: { readonly trip: Trip; readonly run: Run }) {
  const water = trip.waters?.find(({ runId }) => runId === run.id)
  const measured = run.measuredFlowM3ps
  const set = (change: Partial<Record<keyof Water, unknown>>): void =>
    changeTrip(`Trip: ${run.name}`, trip, (now) => withWater(now, run.id, change))
  return (
    <details className="border-b border-rule" data-water={run.id}>
      <summary className="min-h-11 cursor-pointer content-center">
        {run.name}{' '}
        <span className="text-[0.9rem] text-faint">
          {run.shore === undefined ? levelsOf(water) : 'by the tide'}
        </span>
      </summary>
      {run.shore === undefined &&
        (measured === undefined ? (
          <p className="text-[0.9rem] text-faint">
            It has no measured flow, so it counts as it was measured. Give it one under Water.
          </p>
        ) : (
          <Levels run={run} measuredM3ps={measured} flows={water?.flows} onSet={(flows) => set({ flows })} />
        ))}
      <div className="grid grid-cols-2 gap-2 pb-2 sm:grid-cols-3">
        <QuantityField
          label="Cast there"
          measure="length"
          value={water?.castM}
          onChange={(castM) => set({ castM })}
        />
        <QuantityField
          label="Room behind"
          measure="length"
          value={water?.roomBehindM}
          onChange={(roomBehindM) => set({ roomBehindM })}
        />
        {run.shore === undefined && (
          <Select
            label="Kind of water"
            value={water?.water ?? ''}
            options={[
              ['', 'as on the day'],
              ...WATERS.filter((kind) => kind !== 'surf').map((kind) => [kind, WATER_NAMES[kind]] as const),
            ]}
            onChange={(kind) => set({ water: kind === '' ? undefined : kind })}
          />
        )}
      </div>
    </details>
  )
}

const LEVEL_WORDS = { now: 'as it is', levels: 'low, usual, high', span: 'from low to high' } as const
const levelsOf = (water: Water | undefined): string => LEVEL_WORDS[water?.flows?.by ?? 'now']

interface LevelsProps {
  readonly run: Run
  readonly measuredM3ps: number
  readonly flows: FlowsAsked | undefined
  readonly onSet: (flows: FlowsAsked | undefined) => void
}

function Levels({ run, measuredM3ps, flows, onSet }: LevelsProps) {
  const { system } = useUnits()
  const { low, high } = flowReach(measuredM3ps)
  const refuse = (m3ps: number): string | undefined =>
    m3ps < low || m3ps > high
      ? sayProblem({ path: [], code: 'level-too-far', data: { lowM3ps: low, highM3ps: high } }, system)
      : undefined
  const field = (label: string, value: number, next: (m3ps: number) => FlowsAsked) => (
    <QuantityField
      key={label}
      label={label}
      measure="flow"
      value={value}
      refuse={refuse}
      onChange={(m3ps) => onSet(next(m3ps))}
    />
  )
  return (
    <>
      <OneOf
        legend={`Levels of ${run.name}`}
        value={flows?.by ?? 'now'}
        options={(['now', 'levels', 'span'] as const).map((by) => [by, LEVEL_WORDS[by]] as const)}
        onChoose={(by) => onSet(flowsAround(by, measuredM3ps))}
      />
      <div className="grid grid-cols-3 gap-2">
        {flows?.by === 'levels' &&
          flows.flowsM3ps.map((m3ps, i) =>
            field(NAMES[i] ?? `Level ${i + 1}`, m3ps, (next) => ({
              by: 'levels',
              flowsM3ps: flows.flowsM3ps.map((was, k) => (k === i ? next : was)),
            })),
          )}
        {flows?.by === 'span' && field('Lowest', flows.lowM3ps, (lowM3ps) => ({ ...flows, lowM3ps }))}
        {flows?.by === 'span' && field('Highest', flows.highM3ps, (highM3ps) => ({ ...flows, highM3ps }))}
      </div>
      {flows?.by === 'levels' && <FromRecord readings={flows.readings} onSet={onSet} />}
    </>
  )
}
const NAMES = ['Low', 'Usual', 'High'] as const

interface RecordProps {
  readonly readings: number | undefined
  readonly onSet: LevelsProps['onSet']
}

/** Low, usual and high water from a gauge's own record. */
function FromRecord({ readings, onSet }: RecordProps) {
  const [said, setSaid] = useState<readonly string[]>([])
  const read = async (file: File): Promise<void> => {
    const found = await ask((api) => api.readGauge(file))
    const flowsM3ps = flowQuantiles(found.readings)
    if (flowsM3ps === undefined) return setSaid(['No flow could be read in this file. Nothing was changed.'])
    setSaid([])
    onSet({ by: 'levels', flowsM3ps: [...flowsM3ps], readings: found.readings.length })
  }
  return (
    <FileField
      label={
        readings === undefined
          ? 'Or from a gauge’s file: one tenth, half and nine tenths of its readings'
          : `One tenth, half and nine tenths of ${readings} readings. From another file:`
      }
      accept=".csv,.txt,.xml,text/csv,application/xml"
      said={said}
      onFile={(file) =>
        void read(file).catch(() => setSaid(['The file can’t be read. Nothing was changed.']))
      }
    />
  )
}
