import { itemsOf } from '@hoxen/core/gear'
import type { RankedRig } from '@hoxen/core/match'
import {
  type Check,
  piecesOf,
  riggingSteps,
  statesBySlot,
  usualKnot,
  windowStyleOf,
  worstFirst,
} from '@hoxen/core/rig'
import {
  CHECK_TITLES,
  SLOT_NAMES,
  STATE_NAMES,
  sayAllowed,
  sayCardDay,
  sayFigure,
  sayStep,
  summaryBeside,
  WINDOW_NAMES,
} from '@hoxen/core/words'
import { type ReactNode, useMemo } from 'react'
import { type Today, useToday } from '../../day/index.ts'
import { RigDrawing, stripScale, useWidth } from '../../drawing/index.ts'
import { Gone, type Question, useQuestion, useRig } from '../../ledger/index.ts'
import { rigLink } from '../../link/index.ts'
import { Paper, QrCode } from '../../paper/index.ts'
import { useRigging, useSingle } from '../../store/index.ts'
import { useUnits, VerdictMark } from '../../ui/index.ts'

/** The rig on one page: drawn to scale, its parts, how it is rigged, and what was judged of it in which day. */
export function CardPage() {
  const question = useQuestion()
  const choice = useSingle('rig')
  const rig = useRig(question, choice)
  const today = useToday()
  if (question === undefined || choice === undefined || today === undefined)
    return <p className="py-10 text-faint">Opening…</p>
  if (choice === null || rig === undefined || rig === 'gone') return <Gone none={choice === null} />
  return <Card question={question} rig={rig} today={today} />
}

interface Props {
  readonly question: Question
  readonly rig: RankedRig
  readonly today: Today
}

function Card({ question, rig, today }: Props) {
  const { system } = useUnits()
  const { day } = question
  const { parts } = rig
  const link = useMemo(() => rigLink(today, rig.choice, question.gear.items), [today, rig, question])
  return (
    <Paper
      title={`${parts.rod.name} with ${parts.head.head.name}`}
      back={['/rig', 'Rig']}
      about={
        <>
          <VerdictMark state={rig.verdict} provisional={rig.provisional} /> {sayCardDay(day, system)}
        </>
      }
      code={<QrCode text={link} label="Opens this rig in this day" mm={38} />}
    >
      <RigPicture rig={rig} />
      <div className="grid gap-x-6 sm:grid-cols-2 print:grid-cols-2">
        <Parts rig={rig} />
        <Rigging question={question} rig={rig} />
      </div>
      <Ledger rig={rig} />
    </Paper>
  )
}

interface RigProps {
  readonly rig: RankedRig
}

function Parts({ rig: { parts, window, massKg } }: RigProps) {
  const { show, system } = useUnits()
  const rows = [
    ['rodId', parts.rod],
    ['reelId', parts.reel],
    ['runningLineId', parts.head.onePiece ? null : parts.runningLine?.item],
    ['headId', parts.head.head],
    ['tipId', parts.tip?.item],
    ['leaderId', parts.leader],
  ] as const
  return (
    <section>
      <h2 className="mt-2 text-[1.05rem]">Parts</h2>
      <dl className="text-[0.85rem]">
        {rows.map(([slot, item]) => {
          const beside = item ? summaryBeside(item, system) : undefined
          return (
            <PaperRow key={slot} name={SLOT_NAMES[slot]}>
              <b>{item?.name ?? 'none'}</b>
              {beside === undefined ? '' : `, ${beside}`}
            </PaperRow>
          )
        })}
        {window !== undefined && (
          <PaperRow name="Window">
            {WINDOW_NAMES[windowStyleOf(parts.head.head.style)]} {show(window.lowKg, 'lineMass')} to{' '}
            {show(window.highKg, 'lineMass')}; it carries <b>{show(massKg, 'lineMass')}</b>
          </PaperRow>
        )}
      </dl>
    </section>
  )
}

interface PaperRowProps {
  readonly name: string
  readonly children: ReactNode
}

const PaperRow = ({ name, children }: PaperRowProps) => (
  <div className="flex gap-2 border-b border-rule py-0.5">
    <dt className="w-24 shrink-0">{name}</dt>
    <dd>{children}</dd>
  </div>
)

function Ledger({ rig }: RigProps) {
  const { system } = useUnits()
  return (
    <section>
      <h2 className="mt-3 text-[1.05rem]">Ledger</h2>
      <ul className="grid gap-x-6 text-[0.8rem] sm:grid-cols-2 print:grid-cols-2">
        {worstFirst(rig.checks)
          .filter(worthPaper)
          .map((check) => (
            <li key={check.code} className="flex justify-between gap-2 border-b border-rule py-0.5">
              <span>
                <b>{STATE_NAMES[check.state]}</b> {CHECK_TITLES[check.code]}
              </span>
              <span className="text-right">
                {check.value === null ? '' : sayFigure(check, check.value, system)}
                {sayAllowed(check, system) ? ` (${sayAllowed(check, system)})` : ''}
              </span>
            </li>
          ))}
      </ul>
    </section>
  )
}

/** What holds and has no figure says nothing on one page. */
const worthPaper = ({ state, value }: Check): boolean => state !== 'holds' || value !== null

const HIGH = 76

function RigPicture({ rig }: { readonly rig: RankedRig }) {
  const [box, width] = useWidth<HTMLDivElement>(680)
  const pieces = piecesOf(rig.parts)
  const scale = stripScale(pieces, width, HIGH, 40, 18, 12)
  return (
    <div ref={box}>
      <RigDrawing
        pieces={pieces}
        scale={scale}
        width={width}
        height={HIGH}
        states={statesBySlot(rig.checks)}
      />
    </div>
  )
}

function Rigging({ question, rig }: Omit<Props, 'today'>) {
  const { system } = useUnits()
  const { knots } = useRigging()
  const steps = riggingSteps(rig.parts, itemsOf(question.gear, 'backing')[0]?.name)
  return (
    <section>
      <h2 className="mt-2 text-[1.05rem]">Rigging</h2>
      <ol className="list-decimal pl-5 text-[0.82rem] leading-snug">
        {steps.map((step) => (
          <li key={step.id}>
            {sayStep(
              step,
              step.joint && (knots[step.joint] ?? usualKnot(step.joint, question.day.schools)),
              system,
            )}
          </li>
        ))}
      </ol>
    </section>
  )
}
