import { itemsOf } from '@hoxen/core/gear'
import type { SpecifiedRig } from '@hoxen/core/specify'
import { SPECIFIED_NAMES, sayCheck, sayChoice, sayClash, sayStrength } from '@hoxen/core/words'
import { type FormEvent, useState } from 'react'
import { type Question, useQuestion, useSpecified } from '../../ledger/index.ts'
import { Button, fieldLook, useUnits } from '../../ui/index.ts'
import { LookCard } from './LookCard.tsx'
import { OverDays } from './OverDays.tsx'
import { type Apart, type Looking, useClash, useLooking } from './useLook.ts'

/** A whole rig round one rod, or round none: of each part that is not there, what to look for. */
export function LookPage() {
  const question = useQuestion()
  return question === undefined ? <p className="py-10 text-faint">Opening…</p> : <Look question={question} />
}

function Look({ question }: { readonly question: Question }) {
  const looking = useLooking(question)
  const { found, error, busy } = useSpecified(question.day, looking.fixed)
  return (
    <div className="max-w-[76rem]">
      <h1 className="text-2xl">What to look for</h1>
      <p className="no-print mt-1 text-faint">
        Type a rod, or leave it empty. Hoxen builds a whole rig around it for the day and judges it like your
        own gear.
      </p>
      <AskedRod key={looking.typed} question={question} looking={looking} />
      <div aria-busy={busy}>
        {error ? (
          <p role="alert" className="py-6 font-medium text-breaks">
            {error.message}
          </p>
        ) : found === undefined ? (
          <p className="py-6 text-faint">Putting rigs together…</p>
        ) : found.outcome === 'specified' ? (
          <Rigs question={question} looking={looking} rigs={found.rigs} />
        ) : (
          <NotTogether question={question} looking={looking} found={found} />
        )}
      </div>
    </div>
  )
}

interface Props {
  readonly question: Question
  readonly looking: Looking
}

function AskedRod({ question, looking }: Props) {
  const [text, setText] = useState(looking.typed)
  const submit = (event: FormEvent): void => {
    event.preventDefault()
    looking.set('ask', text.trim())
  }
  return (
    <form onSubmit={submit} className="no-print mt-3 rounded-lg border border-rule bg-sheet p-4">
      <label htmlFor="asked-rod" className="font-display text-lg font-semibold">
        A rod you have or want
      </label>
      <div className="flex gap-2">
        <input
          id="asked-rod"
          value={text}
          autoComplete="off"
          spellCheck={false}
          placeholder="12½ ft 6"
          aria-invalid={looking.unread}
          aria-describedby="asked-rod-says"
          onChange={(event) => setText(event.target.value)}
          className={`${fieldLook} flex-1`}
        />
        <Button type="submit" weight="strong" className="mt-1">
          Look
        </Button>
      </div>
      <p
        id="asked-rod-says"
        role="status"
        className={`mt-1.5 min-h-6 text-[0.95rem] ${looking.unread ? 'font-medium text-breaks' : 'text-faint'}`}
      >
        {looking.unread
          ? `No rod found in “${looking.typed}”. Give its length and line number: “13 ft no. 7 two-hander”.`
          : looking.fixed.rod === undefined
            ? 'No rod yet: Hoxen suggests one too.'
            : `A ${sayChoice(looking.fixed.rod.hands)}, no. ${looking.fixed.rod.lineNumber}, ${sayStrength(looking.fixed.rod)}`}
      </p>
      <OwnRods question={question} looking={looking} />
    </form>
  )
}

/** Rods one has: one is looked around at a touch, and let go at another. */
function OwnRods({ question, looking }: Props) {
  const rods = itemsOf(question.gear, 'rod')
  const chosen = looking.fixed.rod?.id
  if (rods.length === 0) return null
  return (
    <div className="mt-1 flex flex-wrap gap-2">
      {rods.map(({ id, name }) => (
        <Button
          key={id}
          aria-pressed={chosen === id}
          onClick={() => looking.set('rod', chosen === id ? undefined : id)}
        >
          {name}
        </Button>
      ))}
    </div>
  )
}

function Rigs({ question, looking, rigs }: Props & { readonly rigs: readonly SpecifiedRig[] }) {
  const [wanted, setWanted] = useState<string>()
  const shown = rigs.find(({ style }) => style === wanted) ?? rigs[0]
  if (shown === undefined) return null
  return (
    <>
      <fieldset className="no-print mt-4 flex flex-wrap gap-2">
        <legend className="sr-only">Kind of head</legend>
        {rigs.map(({ style }) => (
          <Button key={style} aria-pressed={style === shown.style} onClick={() => setWanted(style)}>
            {SPECIFIED_NAMES[style].title}
          </Button>
        ))}
      </fieldset>
      <LookCard key={shown.style} question={question} looking={looking} specified={shown} />
      <OverDays question={question} specified={shown} />
    </>
  )
}

function NotTogether({
  question,
  looking,
  found,
}: Props & {
  readonly found: Apart
}) {
  const { system } = useUnits()
  const parts = useClash(question, looking.fixed, found)
  return (
    <>
      <p role="alert" className="mt-4 border-l-[3px] border-breaks pl-3">
        <b className="font-semibold">
          {parts === undefined ? 'No such rig holds on a day like this.' : sayClash(parts)}
        </b>{' '}
        {sayCheck(found.line, system)} The nearest is below.
      </p>
      <LookCard question={question} looking={looking} specified={found.nearest} />
    </>
  )
}
