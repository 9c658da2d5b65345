import { type Head, itemsOf, type Rod, type WindowStyle } from '@hoxen/core/gear'
import { FEELS, type Feel, TRIED_KG, type Tried } from '@hoxen/core/journal'
import { headFacts } from '@hoxen/core/line'
import { windowStyleOf } from '@hoxen/core/rig'
import { FEEL_WORDS } from '@hoxen/core/words'
import {
  commit,
  dropDraft,
  newId,
  noticeDone,
  noticeFailed,
  useDraftState,
  useGear,
} from '../../store/index.ts'
import { Button, QuantityField, Select, today, useUnits, useWithin } from '../../ui/index.ts'

interface NewTrialProps {
  readonly rod: Rod
  readonly style: WindowStyle
  readonly caster: string | undefined
  readonly form: string
  readonly headId: string
  readonly onHead: (id: string) => void
}

interface Weighed {
  readonly head: Head | undefined
  readonly headKg: number | undefined
}

/** Keeps how the head felt. */
function useKeepTrial({ rod, style, caster, form }: NewTrialProps, { head, headKg }: Weighed) {
  const { show } = useUnits()
  return (feel: Feel): void => {
    if (headKg === undefined) return
    const trial: Tried = {
      id: newId('trial'),
      rodId: rod.id,
      style,
      headKg,
      feel,
      ...(head === undefined ? {} : { name: head.name }),
      ...(caster === undefined ? {} : { caster }),
      on: today(),
    }
    commit(`Trial: ${show(headKg, 'lineMass')}, ${FEEL_WORDS[feel]}`, (tx) => tx.put('trials', [trial])).then(
      (did) => {
        if (!did) return
        void dropDraft(form)
        noticeDone(`${show(headKg, 'lineMass')} was ${FEEL_WORDS[feel]}`)
      },
      noticeFailed,
    )
  }
}

/** One head, one feel: five large buttons. */
export function NewTrial(props: NewTrialProps) {
  const { style, form, headId, onHead } = props
  const within = useWithin()
  const items = useGear()?.items ?? []
  const heads = itemsOf({ items }, 'head').filter((h) => windowStyleOf(h.style) === style)
  const [typedKg, setTypedKg] = useDraftState<number | undefined>(form, 'mass', undefined)
  const head = heads.find(({ id }) => id === headId)
  const headKg = head === undefined ? typedKg : headFacts(head).massKg.value
  const keep = useKeepTrial(props, { head, headKg })
  return (
    <div className="mt-4 rounded-lg border border-rule bg-sheet px-4 py-3">
      <div className="grid gap-3 sm:grid-cols-2">
        <Select
          label="A head of yours"
          value={head?.id ?? ''}
          options={[['', 'another, by its weight'], ...heads.map((h) => [h.id, h.name] as const)]}
          onChange={onHead}
        />
        {head === undefined && (
          <QuantityField
            label="Its weight"
            measure="lineMass"
            value={typedKg}
            onChange={setTypedKg}
            refuse={within(TRIED_KG, 'lineMass')}
          />
        )}
      </div>
      <fieldset className="mt-3" disabled={headKg === undefined}>
        <legend className="text-sm text-faint">It felt</legend>
        <div className="mt-1 grid grid-cols-1 gap-2 sm:grid-cols-5">
          {FEELS.map((feel) => (
            <Button key={feel} disabled={headKg === undefined} onClick={() => keep(feel)}>
              {FEEL_WORDS[feel]}
            </Button>
          ))}
        </div>
      </fieldset>
    </div>
  )
}
