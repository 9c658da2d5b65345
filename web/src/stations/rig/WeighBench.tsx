import { FLY_KG, type Item, itemSchema, problemsOf } from '@hoxen/core/gear'
import { unitOf } from '@hoxen/core/quantity'
import { isTipItem, type MaterialReading, nameMaterial, WEIGHED } from '@hoxen/core/sink'
import { sayProblem, sayReading } from '@hoxen/core/words'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import {
  benchObjects,
  hasSerial,
  knockBench,
  putOnBench,
  type Scale,
  type ScaleEnd,
  serialScale,
  standIn,
  unplugBench,
} from '../../scale/index.ts'
import { dropDraft, useDraftState } from '../../store/drafts.ts'
import { changeKept, noticeDone, noticeFailed, useGear } from '../../store/index.ts'
import { addItem, editRow, newId } from '../../store/rows.ts'
import { Button, fieldLook, QuantityField, Select, Tag, useUnits, useWithin } from '../../ui/index.ts'
import { MaterialAxis } from './MaterialAxis.tsx'
import { SettlingTrace } from './SettlingTrace.tsx'
import { Tape } from './Tape.tsx'
import { useScale } from './useScale.ts'

const ENDS: Readonly<Record<ScaleEnd, string>> = {
  unplugged: 'The scale was unplugged. Its last settled reading is below; plug it in and start again.',
  nonsense:
    'The scale’s readings can’t be understood. Check the cable, and that it sends one reading per line (“7.16 g stable”), then reconnect.',
  refused: 'No scale was chosen, or the browser isn’t allowed to use it.',
}

/** Weigh a head or an unknown tip, and know what it is. */
export function WeighBench() {
  const [scale, setScale] = useState<Scale>()
  const { reading, trace, ended } = useScale(scale)
  const [kept, setKept] = useState<number>()
  return (
    <section aria-labelledby="weigh-title">
      <h1 id="weigh-title" className="text-2xl">
        Weigh and name
      </h1>
      <div className="no-print mt-2 rounded-lg border border-rule bg-sheet px-4 py-3">
        <div className="grid items-center gap-x-6 gap-y-2 sm:grid-cols-[15rem_minmax(0,1fr)]">
          <Display reading={reading} keptKg={kept} />
          <SettlingTrace trace={trace} />
        </div>
        <ScaleButtons reading={reading} scale={scale} onScale={setScale} onKeep={setKept} />
        {ended !== undefined && (
          <p role="alert" className="mt-3 font-medium text-breaks">
            {ENDS[ended]}
          </p>
        )}
      </div>
      <Naming massKg={kept} onMass={setKept} />
    </section>
  )
}

interface DisplayProps {
  readonly reading: ReturnType<typeof useScale>['reading']
  /** The reading that is used [kg]. */
  readonly keptKg: number | undefined
}

/** What the scale shows, and whether it has settled. */
function Display({ reading, keptKg }: DisplayProps) {
  const { show } = useUnits()
  return (
    <p>
      <output
        aria-label="Scale"
        className="font-display block text-5xl font-semibold"
        data-stable={reading?.stable ?? false}
      >
        {reading === undefined ? '–' : `${reading.grams.toFixed(2)} g`}
      </output>
      <span className={reading?.stable ? 'font-semibold text-holds' : 'text-faint'}>
        {reading === undefined ? 'no scale yet' : reading.stable ? 'settled' : 'settling…'}
      </span>
      {keptKg !== undefined && <span className="block">Reading: {show(keptKg, 'lineMass')}.</span>}
    </p>
  )
}

interface ButtonsProps extends Pick<DisplayProps, 'reading'> {
  readonly scale: Scale | undefined
  readonly onScale: (scale: Scale) => void
  readonly onKeep: (kg: number) => void
}

const ScaleButtons = ({ reading, scale, onScale, onKeep }: ButtonsProps) => (
  <div className="mt-2 flex flex-wrap items-end gap-2">
    {reading !== undefined && (
      <Button
        weight="strong"
        disabled={!reading.stable || reading.grams <= 0.05}
        onClick={() => onKeep(unitOf('g').toSi(reading.grams))}
      >
        Use this reading
      </Button>
    )}
    {/* Another object each time: the same scale starts anew. */}
    <Button weight={scale === undefined ? 'strong' : 'quiet'} onClick={() => onScale({ ...standIn })}>
      Start the demo scale
    </Button>
    <Button
      onClick={() => onScale(serialScale())}
      disabled={!hasSerial()}
      title={hasSerial() ? '' : 'This browser can’t use serial devices'}
    >
      Connect a scale by cable
    </Button>
    <Button disabled={scale === undefined} onClick={() => void scale?.tare().catch(noticeFailed)}>
      Tare
    </Button>
    {scale !== undefined && <Bench />}
  </div>
)

/** Stand-in bench: what lies on it, and what can happen to it. */
function Bench() {
  const objects = useQuery({ queryKey: ['bench'], queryFn: benchObjects })
  return (
    <details className="basis-full">
      <summary className="min-h-11 cursor-pointer content-center text-sm text-faint">Demo scale</summary>
      <div className="flex flex-wrap items-end gap-2">
        <label className="text-sm text-faint">
          On the demo scale
          <select
            className={`${fieldLook} !mt-0`}
            onChange={(event) => void putOnBench(event.target.value).catch(noticeFailed)}
          >
            {objects.data?.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </label>
        <Button weight="quiet" onClick={() => void knockBench().catch(noticeFailed)}>
          Knock the cable
        </Button>
        <Button weight="quiet" onClick={() => void unplugBench().catch(noticeFailed)}>
          Pull the plug
        </Button>
      </div>
    </details>
  )
}

interface NamingProps {
  readonly massKg: number | undefined
  readonly onMass: (massKg: number) => void
}

/** Adds what was named, or says why it cannot be. */
function useSaving() {
  const { system } = useUnits()
  const [error, setError] = useState<string>()
  const save = (item: Item): void => {
    const checked = itemSchema.safeParse(item)
    if (!checked.success) {
      const [first] = problemsOf(checked.error, itemSchema, item)
      setError(first === undefined ? undefined : sayProblem(first, system))
      return
    }
    setError(undefined)
    addItem(checked.data).then((did) => {
      if (!did) return
      void dropDraft('weigh')
      noticeDone(`${item.name} is in your gear`)
    }, noticeFailed)
  }
  return { error, save }
}

function Naming({ massKg, onMass }: NamingProps) {
  const [lengthM, setLengthM] = useDraftState<number | undefined>('weigh', 'length', undefined)
  const [sinkingM, setSinkingM] = useDraftState<number | undefined>('weigh', 'sinking', undefined)
  const { error, save } = useSaving()
  const ready = massKg !== undefined && lengthM !== undefined && lengthM > 0
  const reading = ready ? nameMaterial(massKg, lengthM, sinkingM) : undefined
  return (
    <>
      <div className="no-print mt-3">
        <Tape lengthM={lengthM} sinkingM={sinkingM} onLength={setLengthM} />
      </div>
      <Measured {...{ massKg, lengthM, sinkingM, onMass }} onLength={setLengthM} onSinking={setSinkingM} />
      {massKg !== undefined && massKg <= FLY_KG.high && <TheFly massKg={massKg} />}
      <MaterialAxis reading={reading} />
      {reading !== undefined && massKg !== undefined && lengthM !== undefined && (
        <Named reading={reading} massKg={massKg} lengthM={lengthM} sinkingM={sinkingM} onSave={save} />
      )}
      {error !== undefined && (
        <p role="alert" className="mt-2 font-medium text-breaks">
          {error}
        </p>
      )}
    </>
  )
}

interface MeasuredProps extends NamingProps {
  readonly lengthM: number | undefined
  readonly sinkingM: number | undefined
  readonly onLength: (m: number) => void
  readonly onSinking: (m: number) => void
}

function Measured({ massKg, lengthM, sinkingM, onMass, onLength, onSinking }: MeasuredProps) {
  const within = useWithin()
  return (
    <div className="no-print mt-1 mb-3 grid gap-3 sm:grid-cols-3">
      <QuantityField
        label="Weight (or type it)"
        measure="lineMass"
        value={massKg}
        onChange={onMass}
        refuse={within(WEIGHED.massKg, 'lineMass')}
      />
      <QuantityField
        label="Length, by tape"
        measure="length"
        value={lengthM}
        onChange={onLength}
        refuse={within(WEIGHED.lengthM, 'length')}
      />
      <QuantityField
        label="Sinking part, if not all"
        measure="length"
        value={sinkingM}
        onChange={onSinking}
        refuse={within({ low: 0, high: lengthM ?? WEIGHED.lengthM.high }, 'length')}
      />
    </div>
  )
}

/** Saves what lies on the scale as the fly: its weight counts from now on, and no longer what its dress lets suppose. */
function TheFly({ massKg }: { readonly massKg: number }) {
  const { show } = useUnits()
  const take = (): void => {
    const label = `The fly weighs ${show(massKg, 'lineMass')}`
    changeKept(label, 'job', (job) => ({ ...job, fly: { ...job.fly, massKg } })).then(
      (did) => did && noticeDone(`${label}; every swing and cast of the day uses it`),
      noticeFailed,
    )
  }
  return (
    <Button weight="quiet" className="no-print px-0" onClick={take}>
      Use as my fly’s weight
    </Button>
  )
}

interface NamedProps {
  readonly reading: MaterialReading
  readonly massKg: number
  readonly lengthM: number
  readonly sinkingM: number | undefined
  readonly onSave: (item: Item) => void
}

function Named({ reading, massKg, lengthM, sinkingM, onSave }: NamedProps) {
  const { show } = useUnits()
  const name = `${reading.material ?? 'Tip'}, ${show(lengthM, 'length')}`
  const joined = reading.outcome === 'joined'
  const tip: Item = joined
    ? { kind: 'tip', id: newId(name), name, build: 'part-sinking', lengthM, massKg, sinkingLengthM: sinkingM }
    : { kind: 'tip', id: newId(name), name, build: 'level', lengthM, massKg }
  const head: Item = {
    kind: 'head',
    id: newId('head'),
    name: `${show(massKg, 'lineMass')} head, ${show(lengthM, 'length')}`,
    style: 'skagit',
    massKg,
    lengthM,
  }
  return (
    <div className="mt-4 rounded-lg border border-rule bg-sheet px-4 py-3">
      <p className="font-display text-2xl font-semibold">
        {joined ? 'A joined tip' : (reading.material ?? 'No level material')}
      </p>
      <p>
        {show(reading.kgPerM, 'massPerLength')} <Tag tag="printed" />. {sayReading(reading)}
      </p>
      <div className="no-print mt-3 flex flex-wrap gap-2">
        <Button weight="strong" onClick={() => onSave(tip)}>
          Save as a tip
        </Button>
        <Button onClick={() => onSave(head)}>Save as a head</Button>
        <OntoMine massKg={massKg} lengthM={lengthM} />
        <Button onClick={() => print()}>Print the bag label</Button>
      </div>
      <div data-label="bag" className="mt-4 inline-block border-2 border-ink px-4 py-2">
        <p className="font-display text-xl font-bold">{name}</p>
        <p>
          {show(massKg, 'lineMass')} · {show(reading.kgPerM, 'massPerLength')}
        </p>
      </div>
    </div>
  )
}

/** Saves a measure to a thing one has already: its mass and length are then measured, and no longer supposed. */
function OntoMine({ massKg, lengthM }: Pick<NamedProps, 'massKg' | 'lengthM'>) {
  const { show } = useUnits()
  const tips = (useGear()?.items ?? []).filter(isTipItem)
  const [id, setId] = useState('')
  const mine = tips.find((tip) => tip.id === id)
  if (tips.length === 0) return null
  const take = (tip: (typeof tips)[number]): void => {
    const label = `${tip.name} weighs ${show(massKg, 'lineMass')} in ${show(lengthM, 'length')}, measured`
    const { kgPerM: _supposed, ...rest } = tip as typeof tip & { readonly kgPerM?: number }
    const checked = itemSchema.safeParse({ ...rest, massKg, lengthM })
    if (checked.success)
      editRow(label, 'items', tip, checked.data).then((did) => did && noticeDone(label), noticeFailed)
    else noticeFailed(new Error(`${tip.name} can’t be that long or that heavy. Nothing was changed.`))
  }
  return (
    <span className="flex flex-wrap items-end gap-2">
      <Select
        label="Or it is a tip of mine"
        value={id}
        options={[['', 'choose…'], ...tips.map((tip) => [tip.id, tip.name] as const)]}
        onChange={setId}
      />
      <Button disabled={mine === undefined} onClick={() => mine !== undefined && take(mine)}>
        Save to that tip
      </Button>
    </span>
  )
}
