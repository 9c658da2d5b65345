import type { Item } from '@hoxen/core/gear'
import type { RankedRig, Remedy } from '@hoxen/core/match'
import {
  type CheckCode,
  RIG_SLOTS,
  type RigChange,
  type RigChoice,
  type RigSlot,
  statesBySlot,
  windowStyleOf,
} from '@hoxen/core/rig'
import { type FixedParts, lackingFor, mendsBeside, thereOf } from '@hoxen/core/specify'
import { SLOT_NAMES, sayPart, sayScore, WINDOW_NAMES } from '@hoxen/core/words'
import { type ReactNode, useState } from 'react'
import { Link, useSearchParams } from 'react-router'

import { GrainAxis, RigStrip } from '../drawing/index.ts'

import { buttonLook, Empty, Term, useUnits, VerdictMark } from '../ui/index.ts'
import { Ledger } from './Ledger.tsx'
import { lookAddress } from './lookAddress.ts'
import { PartPicker } from './PartPicker.tsx'
import { PlanMendLine } from './PlanMendLine.tsx'
import { type Question, useQuestion } from './question.ts'
import { RigActions } from './RigActions.tsx'
import { UpToDate } from './UpToDate.tsx'
import { useOptions, usePlanMend, useRemediesOf } from './useJudgement.ts'
import { useRig } from './useRig.ts'

interface ViewProps {
  readonly choice: RigChoice
  readonly mine: boolean
  readonly onSwap: (change: RigChange, label: string) => void
}

/** One rig in full: its parts to swap, its ledger, and where it lies on the rod. */
export function RigView({ choice, mine, onSwap }: ViewProps) {
  const question = useQuestion()
  const rig = useRig(question, choice)
  if (rig === 'gone') return <Gone />
  if (rig === undefined || question === undefined) return <p className="py-10 text-faint">Opening…</p>
  return <RigLedger question={question} rig={rig} mine={mine} onSwap={onSwap} />
}

const isSlot = (text: string | null): text is RigSlot =>
  (RIG_SLOTS as readonly (string | null)[]).includes(text)

type LedgerProps = Omit<ViewProps, 'choice'> & { readonly question: Question; readonly rig: RankedRig }

/** The slot that is open, by the address. */
function useOpenSlot(): readonly [RigSlot | undefined, (next: RigSlot | undefined) => void] {
  const [params, setParams] = useSearchParams()
  const slot = params.get('part')
  const setOpen = (next: RigSlot | undefined): void =>
    setParams(
      (old) => {
        if (next === undefined) old.delete('part')
        else old.set('part', next)
        return old
      },
      { replace: true },
    )
  return [isSlot(slot) ? slot : undefined, setOpen]
}

/** What a rig's checks want: their fixes, another way to fish it, and parts of which none is owned. */
function useFixes({ question, rig }: LedgerProps) {
  const remedies = useRemediesOf(question, rig.choice)
  const mend = usePlanMend(question, rig)
  const { fixed, missing } = thereOf(rig.parts, question.gear)
  const lacking = lackingFor(rig.checks, missing)
  const besides = new Map<CheckCode, ReactNode>(
    mend.data && [['depth', <PlanMendLine key="plan" mend={mend.data} of={rig.choice} />]],
  )
  for (const [code, slot] of lacking) besides.set(code, <Lacking key={code} slot={slot} fixed={fixed} />)
  return { remedies: mendsBeside(remedies.data ?? [], lacking), besides }
}

function RigLedger(props: LedgerProps) {
  const { question, rig, mine, onSwap } = props
  const [open, setOpen] = useOpenSlot()
  const { remedies, besides } = useFixes(props)
  const options = useOptions(question, rig.choice, open)
  const [preview, setPreview] = useState<RankedRig>()
  const items = question.byId
  const pick = (item: Item | null): void => {
    if (open === undefined) return
    setPreview(undefined)
    onSwap({ part: { slot: open, itemId: item?.id ?? null } }, sayPart(open, item?.name ?? null))
  }
  const take = ({ slot, itemId }: Remedy): void => {
    onSwap(
      { part: { slot, itemId } },
      sayPart(slot, itemId === null ? null : (items.get(itemId)?.name ?? '')),
    )
  }
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-5 lg:grid-cols-[minmax(0,1fr)_22rem]">
      <div className="min-w-0 lg:col-span-2">
        <Drawn rig={rig} mine={mine} open={open} onOpen={(s) => setOpen(s === open ? undefined : s)} />
      </div>
      <UpToDate className="min-w-0">
        {open !== undefined && (
          <PartPicker
            rig={rig}
            slot={open}
            options={options.data}
            onPick={pick}
            onClose={() => setOpen(undefined)}
            onPreview={setPreview}
          />
        )}
        <Ledger
          checks={rig.checks}
          remedies={remedies}
          items={items}
          onTake={take}
          besides={besides}
          preview={open === undefined ? undefined : preview?.checks}
        />
      </UpToDate>
      <Aside rig={rig} mine={mine} />
    </div>
  )
}

interface DrawnProps extends RigOnly {
  readonly open: RigSlot | undefined
  readonly onOpen: (slot: RigSlot) => void
}
interface RigOnly {
  readonly rig: RankedRig
  readonly mine: boolean
}

/** The rig by its name and verdict, drawn to scale over the names of its parts. */
function Drawn({ rig, mine, open, onOpen }: DrawnProps) {
  const { parts } = rig
  return (
    <>
      <p className="text-[0.9rem] text-faint">
        {mine ? (
          'My rig'
        ) : (
          <>
            <Link to="/match" className="underline underline-offset-4">
              Match
            </Link>{' '}
            / A rig to try
          </>
        )}
      </p>
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h1 className="text-[1.7rem] leading-tight">
          {parts.rod.name} with {parts.head.head.name}
        </h1>
        <span className="text-lg">
          <VerdictMark state={rig.verdict} provisional={rig.provisional} />
        </span>
      </div>
      <div className="no-print mt-2 rounded-lg border border-rule bg-sheet px-4 py-2">
        <RigStrip
          parts={parts}
          states={statesBySlot(rig.checks)}
          hrefFor={(s) => `?part=${s}`}
          height={84}
          exploded
        />
        <PartButtons rig={rig} open={open} onOpen={onOpen} />
      </div>
    </>
  )
}

/** Where the rig lies in its window, why it stands where it stands, and what can be done with it. */
function Aside({ rig, mine }: RigOnly) {
  const { system } = useUnits()
  const { parts, window } = rig
  return (
    <aside className="space-y-5">
      {window !== undefined && (
        <figure>
          <figcaption className="mb-2 text-[0.9rem] text-faint">
            Where it sits in the rod’s <Term about="word-window">window</Term>
          </figcaption>
          <GrainAxis
            bands={[{ label: WINDOW_NAMES[windowStyleOf(parts.head.head.style)], window }]}
            marks={[{ id: 'it', label: parts.head.head.name, massKg: rig.massKg, chosen: true }]}
          />
          <p className="mt-1 text-[0.9rem]">
            The window counts {window.counts === 'head' ? 'the head alone' : 'head and tip together'}
            {window.countsStated ? '.' : ' (assumed: it isn’t given).'}
          </p>
        </figure>
      )}
      <p className="text-[0.95rem]">{sayScore(rig, system)}.</p>
      <RigActions choice={rig.choice} mine={mine} />
      <p className="text-[0.85rem] text-faint">
        Wear glasses and a hat, and cast off the downwind side. Local rules and licensed guides come before
        any figure here.
      </p>
    </aside>
  )
}

/** No part of a kind is owned that a line wants: what to look for. */
function Lacking({ slot, fixed }: { readonly slot: RigSlot; readonly fixed: FixedParts }) {
  return (
    <p data-lacking={slot} className="mt-1.5 border-l-[3px] border-river pl-3">
      There is no {SLOT_NAMES[slot].toLowerCase()} in your gear.{' '}
      <Link to={lookAddress(fixed)} className={`${buttonLook('quiet')} px-0`}>
        What to look for
      </Link>
    </p>
  )
}

/** A part’s edge tells how the checks on it stand. */
const EDGES = { holds: 'border-transparent', watch: 'border-watch', breaks: 'border-breaks' } as const

/** The parts by name under their drawing; each opens what could stand in its place. */
function PartButtons({
  rig,
  open,
  onOpen,
}: {
  readonly rig: RankedRig
  readonly open: RigSlot | undefined
  readonly onOpen: (slot: RigSlot) => void
}) {
  const { parts } = rig
  const states = statesBySlot(rig.checks)
  const names: readonly (readonly [RigSlot, string | undefined])[] = [
    ['rodId', parts.rod.name],
    ['reelId', parts.reel?.name],
    ['runningLineId', parts.head.onePiece ? 'in one piece' : parts.runningLine?.item.name],
    ['headId', parts.head.head.name],
    ['tipId', parts.tip?.item.name],
    ['leaderId', parts.leader?.name],
  ]
  return (
    <ul className="grid grid-cols-2 gap-x-2 sm:grid-cols-3 lg:grid-cols-6" aria-label="Parts to swap">
      {names.map(([slot, name]) => (
        <li key={slot}>
          <button
            type="button"
            aria-expanded={open === slot}
            onClick={() => onOpen(slot)}
            className={`min-h-12 w-full rounded-sm border-b-[3px] px-2 py-1 text-left leading-tight hover:bg-shoal aria-expanded:bg-shoal ${EDGES[states.get(slot) ?? 'holds']}`}
          >
            <span className="block text-[0.8rem] text-faint">{SLOT_NAMES[slot]}</span>
            <span className="block truncate font-medium">{name ?? 'none'}</span>
          </button>
        </li>
      ))}
    </ul>
  )
}

interface GoneProps {
  readonly none?: boolean
  readonly level?: 1 | 2
}

export function Gone({ none = false, level = 1 }: GoneProps) {
  return (
    <Empty
      level={level}
      title={none ? 'No rig yet' : 'This rig can’t be put together'}
      action={
        <Link to="/match" className={buttonLook('strong')}>
          Match
        </Link>
      }
    >
      {none ? 'Match one and make it yours.' : 'A part of it is no longer in your gear.'}
    </Empty>
  )
}
