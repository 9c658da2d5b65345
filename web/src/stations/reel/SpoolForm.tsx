import { itemSchema, problemsOf, type Reel, type Spool } from '@hoxen/core/gear'
import { arborFromBox, USUAL_BACKING_M } from '@hoxen/core/reel'
import { sayProblem } from '@hoxen/core/words'
import { type ReactNode, useState } from 'react'
import { dropDraft, editRow, noticeDone, noticeFailed, useDraftState } from '../../store/index.ts'
import { Button, fieldLook, QuantityField, useUnits } from '../../ui/index.ts'

/** A usual spool to start from where this one has not been measured. [practice] */
const FIRST_SPOOL: Spool = { rimDiameterM: 0.1, arborDiameterM: 0.055, widthM: 0.032, clearanceM: 0.004 }
const FIELDS = [
  ['rimDiameterM', 'Rim diameter'],
  ['arborDiameterM', 'Arbor diameter'],
  ['widthM', 'Width between the rims'],
  ['clearanceM', 'Left free below the rim'],
] as const
const NUMBERS = [5, 6, 7, 8, 9, 10, 11, 12, 13]

/** A spool under measure, what is wrong with it, and how it is kept. A spool that cannot be is never kept. */
function useSpool(reel: Reel) {
  const { system } = useUnits()
  const form = `spool ${reel.id}`
  const [spool, setSpool] = useDraftState<Spool>(form, 'spool', reel.spool ?? FIRST_SPOOL)
  const [number, setNumber] = useDraftState(form, 'number', 8)
  const [backingM, setBackingM] = useDraftState(form, 'backing', 100)
  const [noArbor, setNoArbor] = useState(false)
  const wrongWith = (item: Reel): string | undefined => {
    const checked = itemSchema.safeParse(item)
    const [first] = checked.success ? [] : problemsOf(checked.error, itemSchema, item)
    return first && sayProblem(first, system)
  }
  const error = noArbor
    ? 'No spool of this rim and width holds what the box says. Measure both again.'
    : wrongWith({ ...reel, spool })
  const keep = (next: Spool): void => {
    setSpool(next)
    setNoArbor(false)
    const item: Reel = { ...reel, spool: next }
    if (wrongWith(item) !== undefined) return
    editRow(`Measure ${reel.name}`, 'items', reel, item).then((did) => {
      if (!did) return
      void dropDraft(form)
      noticeDone('Spool measurements saved')
    }, noticeFailed)
  }
  const fromBox = (): void => {
    const { arborDiameterM: _old, ...size } = spool
    const arborDiameterM = arborFromBox(size, number, {
      lengthM: backingM,
      diameterM: USUAL_BACKING_M,
    })
    if (arborDiameterM === undefined) setNoArbor(true)
    else keep({ ...spool, arborDiameterM })
  }
  return { spool, number, setNumber, backingM, setBackingM, error, keep, fromBox }
}

/** The spool's measures: by caliper, or the arbor computed from what the box says it holds. */
export function SpoolForm({ reel }: { readonly reel: Reel }) {
  const form = useSpool(reel)
  const { spool, error, keep } = form
  return (
    <details className="mt-4" open={reel.spool === undefined}>
      <summary className="min-h-11 py-2 font-semibold">Spool measurements</summary>
      <div className="grid max-w-3xl gap-3 sm:grid-cols-4">
        {FIELDS.map(([key, label]) => (
          <QuantityField
            key={key}
            label={label}
            measure="spoolSize"
            value={spool[key]}
            onChange={(si) => keep({ ...spool, [key]: si })}
          />
        ))}
      </div>
      <FromBox {...form}>
        {reel.spool === undefined && (
          <Button weight="strong" onClick={() => keep(spool)}>
            Save these measurements
          </Button>
        )}
      </FromBox>
      {error !== undefined && (
        <p role="alert" className="mt-2 font-medium text-breaks">
          {error} Nothing was saved.
        </p>
      )}
    </details>
  )
}

type FromBoxProps = Pick<
  ReturnType<typeof useSpool>,
  'number' | 'setNumber' | 'backingM' | 'setBackingM' | 'fromBox'
> & { readonly children: ReactNode }

/** What the box says the reel holds. */
const FromBox = ({ number, setNumber, backingM, setBackingM, fromBox, children }: FromBoxProps) => (
  <div className="mt-3 flex max-w-3xl flex-wrap items-end gap-3">
    <label className="text-sm text-faint">
      The box says it holds no.
      <select
        value={number}
        onChange={(event) => setNumber(Number(event.target.value))}
        className={fieldLook}
      >
        {NUMBERS.map((n) => (
          <option key={n}>{n}</option>
        ))}
      </select>
    </label>
    <div className="w-44">
      <QuantityField
        label="and this much backing"
        measure="backingLength"
        value={backingM}
        onChange={setBackingM}
      />
    </div>
    <Button onClick={fromBox}>Work out the arbor</Button>
    {children}
  </div>
)
