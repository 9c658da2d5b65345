import { type CutEnd, cutHead, massOfFirst, withCheater } from '@hoxen/core/line'
import { judge, type RankedRig } from '@hoxen/core/match'
import { useMemo, useState } from 'react'
import type { Question } from '../../ledger/index.ts'
import { useDraftState } from '../../store/drafts.ts'
import { Button } from '../../ui/index.ts'
import { ByThePiece } from './ByThePiece.tsx'
import { CutHead } from './CutHead.tsx'
import { changeForm, withHead } from './HeadChange.tsx'
import { LengthenHead, type Piece } from './LengthenHead.tsx'
import { MassDrawing, MassWords } from './MassDrawing.tsx'

interface Props {
  readonly rig: RankedRig
  readonly question: Question
}

const JOBS = [
  ['cut', 'Cut the head'],
  ['lengthen', 'Lengthen it'],
  ['piece', 'Tips by the piece'],
] as const
type Job = (typeof JOBS)[number][0]

/** The rig's mass along the line, and what the bench can do to it: cut the head, lengthen it, cut tips from a piece. */
export function MassView({ rig, question }: Props) {
  const [job, setJob] = useState<Job>('cut')
  const { head } = rig.parts
  const form = changeForm(head.head)
  const [target, setTarget] = useDraftState<number | undefined>(form, 'target', undefined)
  const [from, setFrom] = useDraftState<CutEnd>(form, 'from', 'rear')
  const [piece, setPiece] = useDraftState<Piece | undefined>(form, 'piece', undefined)
  const wholeKg = head.massKg.value
  const targetKg = Math.min(target ?? wholeKg, wholeKg)
  const cut = useMemo(() => cutHead(head, targetKg, from), [head, targetKg, from])
  const longer = useMemo(() => (piece === undefined ? undefined : withCheater(head, piece)), [head, piece])
  const made =
    job === 'cut' && cut.outcome === 'cut' && cut.cutM > 1e-4
      ? cut.head
      : job === 'lengthen' && longer?.outcome === 'lengthened'
        ? longer.head
        : undefined
  const after = useMemo(
    () => (made === undefined ? rig : judge(withHead(made, rig), question.day, rig.swung)),
    [rig, made, question.day],
  )
  const cutM = cut.outcome === 'cut' ? cut.cutM : 0
  /** The head is cut where the handle is dragged to [m from its rear loop]. */
  const cutAt = (atM: number): void => {
    const fromFrontM = Math.min(head.lengthM, Math.max(0, head.lengthM - atM))
    const aheadKg = massOfFirst(head.line, fromFrontM)
    setTarget(from === 'rear' ? aheadKg : wholeKg - aheadKg)
  }
  return (
    <>
      <MassDrawing
        rig={job === 'lengthen' ? after : rig}
        cut={
          job === 'cut'
            ? { atM: from === 'rear' ? cutM : head.lengthM - cutM, from, headM: head.lengthM, onDrag: cutAt }
            : undefined
        }
      />
      <div className="no-print mt-3 flex flex-wrap gap-2">
        {JOBS.map(([one, label]) => (
          <Button key={one} aria-pressed={job === one} onClick={() => setJob(one)}>
            {label}
          </Button>
        ))}
      </div>
      {job === 'cut' ? (
        <CutHead
          question={question}
          before={rig}
          after={after}
          cutM={made === undefined ? undefined : cutM}
          targetKg={targetKg}
          onTarget={setTarget}
          from={from}
          onFrom={setFrom}
        />
      ) : job === 'lengthen' ? (
        <LengthenHead
          question={question}
          before={rig}
          after={after}
          outcome={longer?.outcome}
          piece={piece}
          onPiece={setPiece}
        />
      ) : (
        <ByThePiece question={question} rig={rig} />
      )}
      <MassWords rig={job === 'lengthen' ? after : rig} schools={question.day.schools} />
    </>
  )
}
