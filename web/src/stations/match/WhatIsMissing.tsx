import { itemsOf } from '@hoxen/core/gear'
import type { RankedRig } from '@hoxen/core/match'
import { itemIn, type RigSlot } from '@hoxen/core/rig'
import { type FixedParts, type SpecifiedRig, thereOf } from '@hoxen/core/specify'
import { SLOT_NAMES, SPECIFIED_NAMES, sayFixesMost, saySortOf, summarize } from '@hoxen/core/words'
import { useMemo } from 'react'
import { Link } from 'react-router'
import { lookAddress, type Question, useMissing, useSpecified } from '../../ledger/index.ts'
import { buttonLook, SaidText, useUnits, VerdictMark } from '../../ui/index.ts'
import { CardDrawing } from './CardDrawing.tsx'

interface Props {
  readonly question: Question
  /** Parts that are there: rigs are put together round it. */
  readonly fixed: FixedParts
  readonly most?: number
}

interface NothingProps {
  readonly what: 'no-rods' | 'no-heads'
  readonly question: Question
}

/** No rod, or no head: whole rigs come all the same, of what is not there what to look for. */
export function NothingToMatch({ what, question }: NothingProps) {
  const { gear, day } = question
  const noHeads = day.style === 'any' ? 'No head in your gear yet' : 'No head of this kind in your gear'
  const rods = itemsOf(gear, 'rod')
  const rod = rods.find(({ id }) => id === day.rodId) ?? rods[0]
  return (
    <div className="py-6">
      <h2 className="text-2xl">{what === 'no-rods' ? 'No rod to match' : noHeads}</h2>
      <p className="mt-2">
        Add one in a line: “{what === 'no-rods' ? '13 ft no. 7 two-hander' : 'skagit 510 gr 23 ft'}”.{' '}
        <Link to="/gear?add" className="text-river underline underline-offset-4">
          Add it in Gear
        </Link>
        . These would do for the day; what you don’t own is dashed:
      </p>
      <LookStrips question={question} fixed={rod === undefined ? {} : { rod }} />
    </div>
  )
}

interface MissingProps {
  readonly question: Question
  /** The best of one's own. */
  readonly first: RankedRig
  /** Nothing of one's own is without a break. */
  readonly nothing: boolean
}

/**
 * Missing parts: of the kinds of part of which nothing is there what to look for with the best rod and head; or, where all
 * kinds are there and yet nothing fits, the one thing that would fix most.
 */
export function WhatIsMissing({ question, first, nothing }: MissingProps) {
  const { fixed, missing } = useMemo(() => thereOf(first.parts, question.gear), [first, question])
  if (missing.length === 0) return nothing ? <FixesMost question={question} /> : null
  return (
    <section aria-label="With the missing part" className="mb-5">
      <h3 className="text-[1.15rem]">With the missing part</h3>
      <LookStrips question={question} fixed={fixed} most={1} />
    </section>
  )
}

function FixesMost({ question }: { readonly question: Question }) {
  const { system } = useUnits()
  const { data: missing } = useMissing(question)
  if (missing === undefined)
    return <p className="mb-4 text-faint">Looking for the one part that would fix most…</p>
  if (missing === null)
    return (
      <p className="mb-4">
        Every rig breaks somewhere, and no single part would fix that. Ask less of the day: shallower water, a
        shorter cast, more room behind.
      </p>
    )
  const { item, fitsAfter, mends } = missing
  return (
    <p className="mb-4 border-l-[3px] border-river pl-3">
      <SaidText said={sayFixesMost(item, mends ? fitsAfter : 0, system)} />
    </p>
  )
}

/** Whole rigs although gear is missing: what is not there is looked for, and drawn dashed. */
export function LookStrips({ question, fixed, most = 3 }: Props) {
  const { found, busy } = useSpecified(question.day, fixed)
  const rigs =
    found === undefined ? [] : found.outcome === 'specified' ? found.rigs.slice(0, most) : [found.nearest]
  if (found === undefined) return <p className="py-4 text-faint">Putting whole rigs together…</p>
  return (
    <ol aria-label="Whole rigs to look for" aria-busy={busy} className="mt-3 space-y-3">
      {rigs.map((each) => (
        <Strip key={each.style} specified={each} address={lookAddress(fixed)} />
      ))}
    </ol>
  )
}

function Strip({ specified, address }: { readonly specified: SpecifiedRig; readonly address: string }) {
  const { system } = useUnits()
  const { rig, style, open } = specified
  const looked = open.flatMap((slot: RigSlot) => {
    const item = itemIn(rig.parts, slot)
    return item === null
      ? []
      : [{ slot, said: item.kind === 'sinking-leader' ? saySortOf(item, system) : summarize(item, system) }]
  })
  return (
    <li data-look-strip={style} className="rounded-lg border border-dashed border-ink/50 bg-sheet px-4 py-3">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h3 className="text-[1.1rem] font-semibold">
          {open.includes('rodId') ? 'A rod' : rig.parts.rod.name} with{' '}
          {open.includes('headId') ? SPECIFIED_NAMES[style].with : rig.parts.head.head.name}
        </h3>
        <VerdictMark state={rig.verdict} provisional={rig.provisional} />
      </div>
      <CardDrawing rig={rig} height={40} looked={open} />
      <p className="mt-1 text-[0.95rem]">
        Look for:{' '}
        {looked.map(({ slot, said }, i) => (
          <span key={slot}>
            {i > 0 && ' · '}
            <span className="text-faint">{SLOT_NAMES[slot]}</span> {said}
          </span>
        ))}
      </p>
      <Link to={address} className={`${buttonLook('quiet')} px-0`}>
        See the range for each figure
      </Link>
    </li>
  )
}
