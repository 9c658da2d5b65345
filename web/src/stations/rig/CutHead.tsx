import { CUT_ENDS, type CutEnd } from '@hoxen/core/line'
import type { RankedRig } from '@hoxen/core/match'
import { sayCut, sayUncut, sayUncuttable } from '@hoxen/core/words'
import type { Question } from '../../ledger/index.ts'
import { OneOf, QuantityField, SaidText, Tag, useUnits } from '../../ui/index.ts'
import { HeadChange } from './HeadChange.tsx'

interface Props {
  readonly question: Question
  readonly before: RankedRig
  readonly after: RankedRig
  /** Length that comes off [m]; undefined while nothing does. */
  readonly cutM: number | undefined
  readonly targetKg: number
  readonly onTarget: (kg: number) => void
  readonly from: CutEnd
  readonly onFrom: (from: CutEnd) => void
}

/** Shortest that is left of a head, as a share of its mass. */
const LEAST_SHARE = 0.3
const END_NAMES: Readonly<Record<CutEnd, string>> = { rear: 'Off the rear', front: 'Off the front' }

/** The head cut to another mass: what comes off which end, and what that does. */
export function CutHead(props: Props) {
  const { question, before, after, cutM, from, onFrom } = props
  const { show, system } = useUnits()
  const { head, massKg, lengthM } = before.parts.head
  const left = after.parts.head
  const leaves = { massKg: left.massKg.value, lengthM: left.lengthM, frontKgPerM: left.frontKgPerM.value }
  return (
    <section aria-labelledby="cut-title" className="mt-4 max-w-3xl">
      <h2 id="cut-title" className="text-xl">
        Cut the head <Tag tag="physics" />
      </h2>
      <p className="text-[0.95rem] text-faint">
        {sayUncut(head.name, { massKg: massKg.value, lengthM }, system)}
      </p>
      <OneOf
        legend="Which end"
        value={from}
        options={CUT_ENDS.toReversed().map((end) => [end, END_NAMES[end]] as const)}
        onChoose={onFrom}
      />
      <TargetWeight {...props} wholeKg={massKg.value} />
      {cutM !== undefined && (
        <HeadChange
          question={question}
          before={before}
          after={after}
          name={`${head.name}, cut to ${show(left.massKg.value, 'lineMass')}`}
          keep="Save the cut head to my gear"
        >
          <p>
            <SaidText said={sayCut(cutM, from, leaves, system)} />
          </p>
        </HeadChange>
      )}
    </section>
  )
}

interface TargetProps extends Pick<Props, 'targetKg' | 'onTarget'> {
  readonly wholeKg: number
}

/** What is to be left, typed or by a slider. */
function TargetWeight({ targetKg, onTarget, wholeKg }: TargetProps) {
  const { show, system } = useUnits()
  return (
    <div className="grid items-end gap-x-4 gap-y-2 sm:grid-cols-[14rem_1fr]">
      <QuantityField
        label="Target weight"
        measure="lineMass"
        value={targetKg}
        onChange={onTarget}
        refuse={(kg) => sayUncuttable(kg, LEAST_SHARE * wholeKg, wholeKg, system)}
      />
      <input
        type="range"
        aria-label="Weight left in the head"
        aria-valuetext={show(targetKg, 'lineMass')}
        min={LEAST_SHARE}
        max={1}
        step={0.002}
        value={targetKg / wholeKg}
        onChange={(event) => onTarget(Number(event.target.value) * wholeKg)}
        className="h-11 w-full"
      />
    </div>
  )
}
