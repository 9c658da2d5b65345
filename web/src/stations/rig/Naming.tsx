import { FLY_KG, type Item, itemSchema, problemsOf } from '@hoxen/core/gear'
import { isTipItem, type MaterialReading, nameMaterial, WEIGHED } from '@hoxen/core/sink'
import { sayProblem, sayReading } from '@hoxen/core/words'
import { useState } from 'react'
import {
  addItem,
  changeDay,
  dropDraft,
  editRow,
  newId,
  noticeDone,
  noticeFailed,
  useDraftState,
  useGear,
} from '../../store/index.ts'
import { Button, QuantityField, Select, Tag, useUnits, useWithin } from '../../ui/index.ts'
import { MaterialAxis } from './MaterialAxis.tsx'
import { Tape } from './Tape.tsx'

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

/** What was weighed, named by its mass and length, and kept. */
export function Naming({ massKg, onMass }: NamingProps) {
  const [putM, setLengthM] = useDraftState<number | undefined>('weigh', 'length', undefined)
  const [heldM, setHeldM] = useState<number>()
  const lengthM = heldM ?? putM
  const [sinkingM, setSinkingM] = useDraftState<number | undefined>('weigh', 'sinking', undefined)
  const { error, save } = useSaving()
  const ready = massKg !== undefined && lengthM !== undefined && lengthM > 0
  const reading = ready ? nameMaterial(massKg, lengthM, sinkingM) : undefined
  return (
    <>
      <div className="no-print mt-3">
        <Tape lengthM={lengthM} sinkingM={sinkingM} onLength={setLengthM} onHold={setHeldM} />
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
    changeDay(label, { flyKg: massKg }).then(
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
