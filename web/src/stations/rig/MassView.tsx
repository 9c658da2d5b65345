import type { Head } from '@hoxen/core/gear'
import { CUT_ENDS, type CutEnd, cutHead, headFacts } from '@hoxen/core/line'
import { judge, type RankedRig } from '@hoxen/core/match'
import { CHECK_TITLES, sayCheck } from '@hoxen/core/words'
import { useMemo, useState } from 'react'
import type { Question } from '../../ledger/index.ts'
import { addItem, newId, noticeDone, noticeFailed } from '../../store/index.ts'
import { Button, StateMark, Tag, useUnits } from '../../ui/index.ts'
import { QuantityField } from '../../ui/QuantityField.tsx'
import { MassDrawing } from './MassDrawing.tsx'

interface Props {
  readonly rig: RankedRig
  readonly question: Question
}

/** Shortest that is left of a head, as a share of its mass. */
const LEAST_SHARE = 0.4
/** Lines that a shorter head can change, but for its depth. */
const CONCERNED = [
  'mass-in-window',
  'rod-number',
  'head-length',
  'joint-step',
  'tip-material',
  'reach',
] as const

const END_NAMES: Readonly<Record<CutEnd, string>> = { rear: 'Off the rear', front: 'Off the front' }

/** The rig's mass along the line, and its head cut to another mass: what comes off, and what that does. */
export function MassView({ rig, question }: Props) {
  const [target, setTarget] = useState<number>()
  const [from, setFrom] = useState<CutEnd>('rear')
  const { head } = rig.parts
  const wholeKg = head.massKg.value
  const targetKg = Math.min(target ?? wholeKg, wholeKg)
  const cut = useMemo(() => cutHead(head, targetKg, from), [head, targetKg, from])
  const shortened = target !== undefined && cut.outcome === 'cut' && cut.cutM > 1e-4 ? cut : undefined
  const after = useMemo(
    () =>
      shortened === undefined
        ? rig
        : judge({ ...rig.parts, head: headFacts(shortened.head) }, question.day, rig.swung),
    [rig, shortened, question.day],
  )
  const { show } = useUnits()
  return (
    <>
      <MassDrawing rig={after} schools={question.day.schools} />
      <section aria-labelledby="cut-title" className="mt-6 max-w-3xl border-t border-rule pt-4">
        <h2 id="cut-title" className="text-xl">
          Cut the head <Tag tag="physics" />
        </h2>
        <p className="text-[0.95rem] text-faint">
          {head.head.name}: {show(wholeKg, 'lineMass')} in {show(head.lengthM, 'length')}. Say what it should
          weigh; nothing is cut here.
        </p>
        <fieldset className="mt-2 flex flex-wrap gap-x-5">
          <legend className="sr-only">Which end</legend>
          {CUT_ENDS.toReversed().map((end) => (
            <label key={end} className="flex min-h-11 items-center gap-2">
              <input
                type="radio"
                name="cut-end"
                checked={from === end}
                onChange={() => setFrom(end)}
                className="size-4 accent-river"
              />
              {END_NAMES[end]}
            </label>
          ))}
        </fieldset>
        <div className="grid items-end gap-x-4 gap-y-2 sm:grid-cols-[14rem_1fr]">
          <QuantityField
            label="What it should weigh"
            measure="lineMass"
            value={targetKg}
            onChange={setTarget}
            refuse={(si) =>
              si > 0 && si <= wholeKg
                ? undefined
                : `It weighs ${show(wholeKg, 'lineMass')}: less than that, please; cutting adds nothing.`
            }
          />
          <input
            type="range"
            aria-label="Mass left of the head"
            aria-valuetext={show(targetKg, 'lineMass')}
            min={LEAST_SHARE}
            max={1}
            step={0.002}
            value={targetKg / wholeKg}
            onChange={(event) => setTarget(Number(event.target.value) * wholeKg)}
            className="h-11 w-full accent-river"
          />
        </div>
        {shortened !== undefined && (
          <Shortened after={after} cutM={shortened.cutM} head={shortened.head} from={from} />
        )}
      </section>
    </>
  )
}

interface ShortenedProps {
  readonly after: RankedRig
  readonly cutM: number
  readonly head: Head
  readonly from: CutEnd
}

function Shortened({ after, cutM, head, from }: ShortenedProps) {
  const { show, system } = useUnits()
  const lines = after.checks.filter(({ code }) => CONCERNED.some((one) => one === code))
  const keep = (): void => {
    const name = `${head.name}, cut to ${show(head.massKg ?? 0, 'lineMass')}`.slice(0, 80)
    addItem({ ...head, id: newId(name), name }).then((did) => {
      if (did) noticeDone(`${name} added`)
    }, noticeFailed)
  }
  return (
    <div className="mt-3" role="status">
      <p>
        Take <b className="font-semibold">{show(cutM, 'length')}</b> off the {from}:{' '}
        {show(head.massKg ?? 0, 'lineMass')} in {show(head.lengthM, 'length')} are left,{' '}
        {show(after.parts.head.frontKgPerM.value, 'massPerLength')} at the front.
      </p>
      <ul className="mt-2 space-y-1">
        {lines.map((check) => (
          <li key={check.code} data-cut={check.code} className="text-[0.95rem]">
            <StateMark state={check.state} /> <b className="font-semibold">{CHECK_TITLES[check.code]}.</b>{' '}
            {sayCheck(check, system)}
          </li>
        ))}
      </ul>
      <Button className="mt-2" onClick={keep}>
        Keep the cut head in my gear
      </Button>
    </div>
  )
}
