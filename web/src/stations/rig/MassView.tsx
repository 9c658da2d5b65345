import { type CutEnd, cutHead, leftIfCutAt, withCheater } from '@hoxen/core/line'
import { judge, type RankedRig } from '@hoxen/core/match'
import { useMemo, useState } from 'react'
import type { Question } from '../../ledger/index.ts'
import { useDraftState } from '../../store/index.ts'
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

/** Head and rig as the bench changes them; undefined what nothing changes. */
function useBench({ rig, question }: Props, job: Job) {
  const { head } = rig.parts
  const form = changeForm(head.head)
  const [target, setTarget] = useDraftState<number | undefined>(form, 'target', undefined)
  const [from, setFrom] = useDraftState<CutEnd>(form, 'from', 'rear')
  const [piece, setPiece] = useDraftState<Piece | undefined>(form, 'piece', undefined)
  const wholeKg = head.massKg.value
  const [heldM, setHeldM] = useState<number>()
  const wanted = heldM === undefined ? target : leftIfCutAt(head, heldM, from)
  const targetKg = Math.min(wanted ?? wholeKg, wholeKg)
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
  return {
    ...{ head, cut, longer, made, after, target: targetKg, setTarget, from, setFrom, piece, setPiece },
    hold: setHeldM,
  }
}

/** The rig's mass along the line, and what the bench can do to it: cut the head, lengthen it, cut tips from a piece. */
export function MassView(props: Props) {
  const { rig, question } = props
  const [job, setJob] = useState<Job>('cut')
  const bench = useBench(props, job)
  const shown = job === 'lengthen' ? bench.after : rig
  return (
    <>
      <MassDrawing rig={shown} cut={job === 'cut' ? handleOf(bench) : undefined} />
      <div className="no-print mt-3 flex flex-wrap gap-2">
        {JOBS.map(([one, label]) => (
          <Button key={one} aria-pressed={job === one} onClick={() => setJob(one)}>
            {label}
          </Button>
        ))}
      </div>
      <BenchJob {...props} job={job} bench={bench} />
      <MassWords rig={shown} schools={question.day.schools} />
    </>
  )
}

type Bench = ReturnType<typeof useBench>

/** Where the head is cut, and the change when its handle is moved. */
function handleOf({ head, cut, from, setTarget, hold }: Bench) {
  const cutM = cut.outcome === 'cut' ? cut.cutM : 0
  return {
    atM: from === 'rear' ? cutM : head.lengthM - cutM,
    from,
    headM: head.lengthM,
    /** @param atM from the head's rear loop [m] */
    onCut: (atM: number): void => setTarget(leftIfCutAt(head, atM, from)),
    onHold: hold,
  }
}

function BenchJob({ rig, question, job, bench }: Props & { readonly job: Job; readonly bench: Bench }) {
  const { cut, made, longer, after } = bench
  if (job === 'cut')
    return (
      <CutHead
        question={question}
        before={rig}
        after={after}
        cutM={made === undefined || cut.outcome !== 'cut' ? undefined : cut.cutM}
        targetKg={bench.target}
        onTarget={bench.setTarget}
        from={bench.from}
        onFrom={bench.setFrom}
      />
    )
  if (job === 'lengthen')
    return (
      <LengthenHead
        question={question}
        before={rig}
        after={after}
        outcome={longer?.outcome}
        piece={bench.piece}
        onPiece={bench.setPiece}
      />
    )
  return <ByThePiece question={question} rig={rig} />
}
