import { HEAD_STYLES, type Head, itemSchema, itemsOf, LINE_STANDARDS, problemsOf } from '@hoxen/core/gear'
import {
  equalMassCarry,
  headFacts,
  readLabel,
  SINGLE_HAND_LENGTH_M,
  singleHandRows,
  USUAL_TAPER_M,
} from '@hoxen/core/line'
import { unitOf } from '@hoxen/core/quantity'
import { sayCarry, sayChoice, sayLabelOff, sayProblem, saySize } from '@hoxen/core/words'
import { useState } from 'react'
import { useGear } from '../../store/index.ts'
import { fieldLook, QuantityField, SaidText, Select, Tag, useUnits } from '../../ui/index.ts'

const FIRST: Head = {
  kind: 'head',
  id: 'typed',
  name: 'Typed',
  style: 'scandi',
  massKg: unitOf('gr').toSi(375),
  lengthM: SINGLE_HAND_LENGTH_M,
  labelNumber: 8,
}

/** Reading of a head in each standard, beside the number on its box. */
export function LabelReader() {
  const gear = useGear()?.items ?? []
  const heads = itemsOf({ items: gear }, 'head')
  const [chosen, setChosen] = useState('')
  const [typed, setTyped] = useState<Head>(FIRST)
  const { system } = useUnits()
  const head = heads.find((h) => h.id === chosen) ?? typed
  const checked = itemSchema.safeParse(head)
  return (
    <section id="label" aria-labelledby="label-title" className="scroll-mt-32">
      <h2 id="label-title" className="text-xl">
        Label against grains
      </h2>
      <p className="mb-2 max-w-2xl text-[0.92rem] text-faint">
        The same number means a far heavier line on a two-handed rod, and a shooting head packs the weight of
        a longer line into a short one. So read grains and length, and the label last.
      </p>
      <div className="grid gap-x-8 gap-y-4 lg:grid-cols-[18rem_1fr]">
        <div className="space-y-2">
          <label className="block text-sm text-faint">
            Head
            <select value={chosen} onChange={(event) => setChosen(event.target.value)} className={fieldLook}>
              <option value="">one I type here</option>
              {heads.map((h) => (
                <option key={h.id} value={h.id}>
                  {h.name}
                </option>
              ))}
            </select>
          </label>
          {head === typed && <TypedHead head={typed} onChange={setTyped} />}
        </div>
        {checked.success ? (
          <Reading head={head} />
        ) : (
          <p role="alert" className="font-medium text-breaks">
            {problemsOf(checked.error, itemSchema, head)
              .map((p) => sayProblem(p, system))
              .join(' ')}
          </p>
        )}
      </div>
    </section>
  )
}

interface TypedProps {
  readonly head: Head
  readonly onChange: (head: Head) => void
}

const TypedHead = ({ head, onChange }: TypedProps) => (
  <>
    <Select
      label="Kind"
      value={head.style}
      options={HEAD_STYLES.map((style) => [style, sayChoice(style)] as const)}
      onChange={(style) => onChange({ ...head, style })}
    />
    <div className="grid grid-cols-2 gap-2">
      <QuantityField
        label="Weight"
        measure="lineMass"
        value={head.massKg}
        onChange={(massKg) => onChange({ ...head, massKg })}
      />
      <QuantityField
        label="Length"
        measure="length"
        value={head.lengthM}
        onChange={(lengthM) => onChange({ ...head, lengthM })}
      />
      <TypedLabel head={head} onChange={onChange} />
    </div>
  </>
)

/** What the box says, and in which standard. */
const TypedLabel = ({ head, onChange }: TypedProps) => (
  <>
    <Select
      label="Box says no."
      value={`${head.labelNumber ?? ''}`}
      options={[
        ['', 'nothing'] as const,
        ...singleHandRows().map(({ number }) => [`${number}`, `${number}`] as const),
      ]}
      onChange={(number) => onChange({ ...head, labelNumber: number === '' ? undefined : Number(number) })}
    />
    <Select
      label="in standard"
      value={head.labelStandard ?? 'single-hand'}
      options={LINE_STANDARDS.map(
        (standard) => [standard, standard === 'single-hand' ? standard : `two-hand ${standard}`] as const,
      )}
      onChange={(labelStandard) => onChange({ ...head, labelStandard })}
    />
  </>
)

function Reading({ head }: { readonly head: Head }) {
  const { system } = useUnits()
  const facts = headFacts(head)
  const { singleHand, twoHand, labelOff } = readLabel(facts)
  const beyond = (reading: { readonly beyond?: 'below' | 'above' }): string =>
    reading.beyond === undefined ? '' : reading.beyond === 'above' ? ' and beyond' : ' and below'
  const carry =
    head.labelNumber === undefined
      ? undefined
      : equalMassCarry(head.labelNumber, USUAL_TAPER_M, facts.massKg.value)

  return (
    <dl className="grid content-start gap-y-3 text-[1.02rem]">
      <div>
        <dt className="text-sm text-faint">Single-hand standard</dt>
        <dd>
          <b className="font-display text-2xl font-semibold">no. {saySize(singleHand.exact)}</b>
          {beyond(singleHand)} <Tag tag="standard" />
        </dd>
      </div>
      <div>
        <dt className="text-sm text-faint">Two-hand standard, class {twoHand.of} (nearest in length)</dt>
        <dd>
          <b className="font-display text-2xl font-semibold">no. {saySize(twoHand.exact)}</b>
          {beyond(twoHand)} <Tag tag="standard" />
        </dd>
      </div>
      {labelOff !== undefined && (
        <div>
          <dt className="text-sm text-faint">The box says no. {head.labelNumber}</dt>
          <dd>{sayLabelOff(labelOff)}</dd>
        </div>
      )}
      {carry?.outcome === 'found' && (
        <div>
          <dt className="text-sm text-faint">Equal-weight carry on a no. {head.labelNumber} double taper</dt>
          <dd>
            <SaidText said={sayCarry(carry.carryM, head.labelNumber ?? 0, facts.lengthM, system)} />{' '}
            <Tag tag="physics" />
          </dd>
        </div>
      )}
    </dl>
  )
}
