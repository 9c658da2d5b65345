import { ASKED_ROD, rowsCsv } from '@hoxen/core/format'
import type { Item } from '@hoxen/core/gear'
import { itemIn, type RigSlot, windowStyleOf, worstFirst } from '@hoxen/core/rig'
import {
  type FigureSpan,
  figureOfItem,
  reelMassFor,
  type SpecifiedRig,
  spoolWantedM3,
} from '@hoxen/core/specify'
import {
  CHECK_TITLES,
  FIGURE_NAMES,
  lookForRows,
  lookForText,
  SLOT_NAMES,
  SPECIFIED_NAMES,
  sayCheck,
  sayChoice,
  sayEnds,
  sayReel,
  saySort,
  saySpan,
  sayTarget,
  summarize,
  WINDOW_NAMES,
} from '@hoxen/core/words'
import { type ReactNode, useState } from 'react'
import { GrainAxis } from '../../drawing/index.ts'
import type { Question } from '../../ledger/index.ts'
import { Button, saveFile, Tag, today, useUnits, VerdictMark } from '../../ui/index.ts'
import { NextRods, OtherSchools } from './CardAsides.tsx'
import { CardDrawing } from './CardDrawing.tsx'
import { Have } from './Have.tsx'
import { SpanBar } from './SpanBar.tsx'
import { type Looking, type PartName, useSpans } from './useLook.ts'

interface Props {
  readonly question: Question
  readonly looking: Looking
  readonly specified: SpecifiedRig
}

const SLOTS: readonly (readonly [RigSlot, PartName])[] = [
  ['rodId', 'rod'],
  ['headId', 'head'],
  ['tipId', 'tip'],
  ['leaderId', 'leader'],
  ['runningLineId', 'runningLine'],
  ['reelId', 'reel'],
]

/** One whole rig: what is there, and of the rest what to look for; to print, to save, to fill in. */
export function LookCard({ question, looking, specified }: Props) {
  const { system } = useUnits()
  const query = useSpans(question, specified)
  const full = query.data ?? specified
  const { rig, open, style } = full
  const title = `${open.includes('rodId') ? `A ${sayChoice(rig.parts.rod.hands)}` : rig.parts.rod.name} with ${SPECIFIED_NAMES[style].with}`
  const reelSaid = sayReel(
    spoolWantedM3(rig.parts, question.day.fishKg),
    reelMassFor(rig.parts, question.day),
    system,
  )
  return (
    <article
      aria-labelledby="look-title"
      className="mt-3 rounded-lg border border-rule bg-sheet px-4 pt-3 pb-4"
    >
      <Drawn specified={full} title={title} />
      <div className="mt-3 divide-y divide-rule border-y border-rule" aria-busy={query.isFetching}>
        {SLOTS.map(([slot, part]) => (
          <Part
            key={`${slot} ${itemIn(rig.parts, slot)?.id}`}
            {...{ question, specified, full, slot, reelSaid }}
            waiting={query.data === undefined}
            onHave={(id) => looking.set(part, id)}
          />
        ))}
      </div>
      <OtherSchools question={question} specified={specified} fixed={looking.fixed} />
      <KeepRow full={query.data} title={title} reelSaid={reelSaid} />
    </article>
  )
}

interface PartProps
  extends Pick<Props, 'question' | 'specified'>,
    Pick<RowProps, 'slot' | 'waiting' | 'onHave'> {
  /** With its spans, once they are known. */
  readonly full: SpecifiedRig
  readonly reelSaid: readonly string[]
}

/** One part of the rig, with what only this part has to say. */
function Part({ question, specified, full: { rig, open, spans }, slot, reelSaid, ...rest }: PartProps) {
  const item = itemIn(rig.parts, slot)
  const isOpen = open.includes(slot)
  if (item === null && !isOpen) return null
  return (
    <PartRow
      {...rest}
      slot={slot}
      item={item}
      sort={saySort(rig.parts, slot)}
      open={isOpen}
      spans={spans.filter((span) => span.slot === slot)}
    >
      {slot === 'rodId' && isOpen && <NextRods question={question} specified={specified} />}
      {slot === 'reelId' && isOpen && (
        <ul>
          {reelSaid.map((said) => (
            <li key={said} className="text-[0.95rem]">
              {said} <Tag tag="estimate" />
            </li>
          ))}
        </ul>
      )}
    </PartRow>
  )
}

interface KeepProps {
  /** Undefined until its spans are known. */
  readonly full: SpecifiedRig | undefined
  readonly title: string
  readonly reelSaid: readonly string[]
}

/** On paper, or as a file. */
function KeepRow({ full, title, reelSaid }: KeepProps) {
  const { system } = useUnits()
  const name = `hoxen-look-for-${today()}`
  return (
    <div className="no-print mt-3 flex flex-wrap gap-2">
      <Button onClick={() => print()}>Print</Button>
      <Button
        disabled={full === undefined}
        onClick={() =>
          full && saveFile(`${name}.txt`, `${title}\n\n${lookForText(full, system, reelSaid)}`, 'text/plain')
        }
      >
        Save as text
      </Button>
      <Button
        disabled={full === undefined}
        onClick={() =>
          full && saveFile(`${name}.csv`, rowsCsv(lookForRows(full, system, reelSaid)), 'text/csv')
        }
      >
        Save as a table
      </Button>
    </div>
  )
}

/** The rig by its kind and verdict, drawn, in its window; and the worst of its checks. */
function Drawn({ specified, title }: { readonly specified: SpecifiedRig; readonly title: string }) {
  const { system } = useUnits()
  const { rig, open, style } = specified
  const [worst] = worstFirst(rig.checks)
  return (
    <>
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h2 id="look-title" className="text-[1.3rem]">
          {title}
        </h2>
        <VerdictMark state={rig.verdict} provisional={rig.provisional} />
      </div>
      <div className="mt-1 grid grid-cols-[minmax(0,1fr)] items-center gap-x-5 gap-y-1 md:grid-cols-[minmax(0,1fr)_15rem]">
        <CardDrawing rig={rig} height={44} looked={open} />
        {rig.window !== undefined && (
          <GrainAxis
            compact
            bands={[{ label: WINDOW_NAMES[windowStyleOf(style)], window: rig.window }]}
            marks={[{ id: 'it', label: 'best', massKg: rig.massKg, chosen: true }]}
          />
        )}
      </div>
      {worst !== undefined && worst.state !== 'holds' && (
        <p className="mt-1 text-[0.95rem]">
          <b className="font-semibold">{CHECK_TITLES[worst.code]}.</b> {sayCheck(worst, system)}
        </p>
      )}
    </>
  )
}

interface RowProps {
  readonly slot: RigSlot
  readonly item: Item | null
  readonly sort: string
  readonly open: boolean
  readonly spans: readonly FigureSpan[]
  readonly waiting: boolean
  readonly onHave: (id: string) => void
  /** More to say of it. */
  readonly children?: ReactNode
}

function PartRow(props: RowProps) {
  const { slot, item, open, onHave } = props
  const [having, setHaving] = useState(false)
  const [mine, setMine] = useState<Item>()
  const leave = (): void => {
    setHaving(false)
    setMine(undefined)
  }
  return (
    <section aria-label={SLOT_NAMES[slot]} data-look={slot} className="py-2">
      <div className="grid grid-cols-[1fr_auto] items-start gap-x-4 gap-y-1 sm:grid-cols-[7rem_1fr_auto]">
        <h3 className="text-[1rem] font-semibold">{SLOT_NAMES[slot]}</h3>
        <div className="order-last col-span-2 min-w-0 sm:order-none sm:col-span-1">
          {open ? <Wanted {...props} mine={mine} /> : item !== null && <Owned item={item} />}
        </div>
        {(open || item?.id === ASKED_ROD) && item !== null && !having && (
          <Button
            className="no-print"
            onClick={() => setHaving(true)}
            aria-label={`I have this ${SLOT_NAMES[slot].toLowerCase()}`}
          >
            I have this
          </Button>
        )}
      </div>
      {having && item !== null && <Have item={item} onHave={onHave} onLeave={leave} onRead={setMine} />}
    </section>
  )
}

/** A part to look for: each of its figures as a span, with the one typed beside it marked. */
const Wanted = ({ sort, waiting, spans, mine, children }: RowProps & { readonly mine: Item | undefined }) => (
  <>
    <p>{sort}</p>
    {waiting && spans.length === 0 && <p className="text-[0.9rem] text-faint">working out the ranges…</p>}
    <ul>
      {spans.map((span) => (
        <Span key={span.figure} span={span} mine={mine && figureOfItem(mine, span.figure)} />
      ))}
    </ul>
    {children}
    <WhyNoFurther spans={spans} />
  </>
)

function Owned({ item }: { readonly item: Item }) {
  const { system } = useUnits()
  return (
    <p>
      <b className="font-semibold">{item.name}</b>{' '}
      <span className="text-faint">{summarize(item, system)}</span>
    </p>
  )
}

/** @param mine figure of the thing that is typed just now */
function Span({ span, mine }: { readonly span: FigureSpan; readonly mine: number | undefined }) {
  const { system } = useUnits()
  return (
    <li
      className="grid items-start gap-x-4 text-[0.95rem] md:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]"
      data-figure={span.figure}
    >
      <span>
        <span className="text-faint">{FIGURE_NAMES[span.figure]}</span>{' '}
        <b className="font-semibold">{saySpan(span, system)}</b>
        <span className="text-faint">, best {sayTarget(span, system)}</span> <Tag tag={span.tag} />
      </span>
      <SpanBar span={span} mine={mine} />
    </li>
  )
}

/** Checks that fail just beyond the ends of a part's figures. */
function WhyNoFurther({ spans }: { readonly spans: readonly FigureSpan[] }) {
  const { system } = useUnits()
  const why = [...new Set(spans.flatMap((span) => sayEnds(span, system)))]
  if (why.length === 0) return null
  return (
    <details className="no-print text-[0.88rem] text-faint">
      <summary className="min-h-11 cursor-pointer content-center sm:min-h-8">Why these limits</summary>
      <ul className="list-disc pl-5">
        {why.map((sentence) => (
          <li key={sentence}>{sentence}</li>
        ))}
      </ul>
    </details>
  )
}
