import type { Head } from '@hoxen/core/gear'
import { headFacts } from '@hoxen/core/line'
import type { RankedRig } from '@hoxen/core/match'
import { rodsServed } from '@hoxen/core/specify'
import { CHECK_TITLES, sayCheck, sayServed } from '@hoxen/core/words'
import { type ReactNode, useMemo } from 'react'
import type { Question } from '../../ledger/index.ts'
import { addItem, dropDraft, newId, noticeDone, noticeFailed } from '../../store/index.ts'
import { Button, StateMark, useUnits } from '../../ui/index.ts'

/** Lines that another head can change, but for its depth. */
const CONCERNED = [
  'mass-in-window',
  'rod-number',
  'cheater-joint',
  'head-length',
  'joint-step',
  'tip-material',
  'reach',
] as const

interface Props {
  readonly question: Question
  readonly before: RankedRig
  /** The rig with the changed head. */
  readonly after: RankedRig
  /** Name it gets when it is kept. */
  readonly name: string
  readonly keep: string
  readonly children: ReactNode
}

/** Name of the form that a change of a head is tried in. */
export const changeForm = ({ id }: Head): string => `change ${id}`

/** Effect of a head cut or lengthened on the rig, which rods it is for then, and the way to keep it. */
export function HeadChange({ question, before, after, name, keep, children }: Props) {
  const { system } = useUnits()
  const { head } = after.parts.head
  const lines = after.checks.filter(({ code }) => CONCERNED.some((one) => one === code))
  const served = useMemo(() => {
    const { hands } = before.parts.rod
    return [before, after].map((rig) =>
      sayServed(rodsServed(rig.parts.head, question.day, hands), hands, system),
    )
  }, [before, after, question.day, system])
  const onKeep = (): void => {
    const called = name.slice(0, 80)
    addItem({ ...head, id: newId(called), name: called } satisfies Head).then((did) => {
      if (!did) return
      void dropDraft(changeForm(before.parts.head.head))
      noticeDone(`${called} added`)
    }, noticeFailed)
  }
  return (
    <div className="mt-3" role="status">
      {children}
      <ul className="mt-2 space-y-1">
        {lines.map((check) => (
          <li key={check.code} data-cut={check.code} className="text-[0.95rem]">
            <StateMark state={check.state} /> <b className="font-semibold">{CHECK_TITLES[check.code]}.</b>{' '}
            {sayCheck(check, system)}
          </li>
        ))}
      </ul>
      <p className="mt-2 text-[0.95rem]">
        Before: suits {served[0]}. Now: <b className="font-semibold">{served[1]}</b>.
      </p>
      <Button className="mt-2" onClick={onKeep}>
        {keep}
      </Button>
    </div>
  )
}

/** The same rig with another head, judged. */
export const withHead = (head: Head, rig: RankedRig): RankedRig['parts'] => ({
  ...rig.parts,
  head: headFacts(head),
})
