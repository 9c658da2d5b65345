import { dayOf, FIRST_JOB } from '@hoxen/core/day'
import { askedRod, quickAdd } from '@hoxen/core/format'
import { DEFAULT_SCHOOLS, type Head, type Item, type Rod, WINDOW_STYLES } from '@hoxen/core/gear'
import { headFacts } from '@hoxen/core/line'
import type { UnitSystem } from '@hoxen/core/quantity'
import { ledger, type RigParts } from '@hoxen/core/rig'
import { windowFor } from '@hoxen/core/rod'
import { sayCheck, sayGuesses, sayLine, summarize, WINDOW_NAMES } from '@hoxen/core/words'
import { type AxisBand, GrainAxis } from '../../drawing/index.ts'
import { addItems, dropDraft, newId, noticeDone, noticeFailed, useDraftState } from '../../store/index.ts'
import { Button, DECIMAL_MARK, fieldLook, StateMark, useUnits } from '../../ui/index.ts'

/** Any day will do: a window is the rod's own. */
const DAY = dayOf({ job: FIRST_JOB, schools: DEFAULT_SCHOOLS })
const bare = (rod: Rod, head: Head): RigParts => ({
  rod,
  head: headFacts(head),
  tip: null,
  leader: null,
  runningLine: null,
  reel: null,
})

/** What is typed, what it is read as, and keeping it. */
function useTypedRig() {
  const [rodText, setRodText] = useDraftState('first look', 'rod', '')
  const [headText, setHeadText] = useDraftState('first look', 'head', '')
  const rod = askedRod(rodText, DECIMAL_MARK)
  const read = quickAdd(headText, 'first-head', DECIMAL_MARK)
  const head = read.ok && read.item.kind === 'head' ? read.item : undefined
  const keep = (): void => {
    if (rod === undefined) return
    const typed: readonly Item[] = [rod, head].filter((item) => item !== undefined)
    const items = typed.map((item) => ({ ...item, id: newId(item.name) }))
    addItems('Save what was typed', items).then((did) => {
      if (!did) return
      void dropDraft('first look')
      noticeDone('Saved to your gear')
    }, noticeFailed)
  }
  return { rodText, setRodText, headText, setHeadText, rod, read, head, keep }
}

/** A rod is typed, and its windows stand on the grain axis; a head is typed, and lands in them or beside, and why. */
export function FirstLook() {
  const { system } = useUnits()
  const { rod, read, head, keep, ...typed } = useTypedRig()
  return (
    <form
      aria-label="Try it"
      onSubmit={(event) => {
        event.preventDefault()
        keep()
      }}
      className="mt-6 rounded-lg border border-rule bg-sheet px-4 py-4"
    >
      <div className="grid gap-x-4 gap-y-2 sm:grid-cols-2">
        <Typed
          label="A rod"
          example="13 ft no. 7 two-hander"
          text={typed.rodText}
          onType={typed.setRodText}
          wrong={wrongRod(typed.rodText, rod)}
        />
        <Typed
          label="A head for it"
          example="skagit 510 gr 23 ft"
          text={typed.headText}
          onType={typed.setHeadText}
          wrong={wrongHead(typed.headText, read, system)}
        />
      </div>
      {rod !== undefined && <Windows rod={rod} head={head} />}
      {head !== undefined && read.ok && read.guessed.length > 0 && (
        <p className="text-[0.9rem] text-faint">{sayGuesses(head, read.guessed, system)}</p>
      )}
      {rod !== undefined && (
        <Button type="submit" weight="strong" className="mt-2">
          Save {head === undefined ? 'it' : 'both'} and continue
        </Button>
      )}
    </form>
  )
}

/** Why what is typed is no head; undefined while nothing is typed, and where it is one. */
function wrongHead(text: string, read: ReturnType<typeof quickAdd>, system: UnitSystem): string | undefined {
  if (text.trim() === '') return undefined
  if (read.ok) return read.item.kind === 'head' ? undefined : 'That is not a head.'
  return read.problems[0] && sayLine(read.problems[0], system)
}

const wrongRod = (text: string, rod: Rod | undefined): string | undefined =>
  text.trim().length < 5 || rod !== undefined
    ? undefined
    : "Give the rod a length and a line number: “13 ft no. 7”, “9' 5wt”."

interface TypedProps {
  readonly label: string
  readonly example: string
  readonly text: string
  readonly onType: (text: string) => void
  readonly wrong: string | undefined
}

function Typed({ label, example, text, onType, wrong }: TypedProps) {
  const id = `first-${label.replaceAll(' ', '-')}`
  return (
    <div>
      <label htmlFor={id} className="font-display text-lg font-semibold">
        {label}
      </label>
      <input
        id={id}
        value={text}
        autoComplete="off"
        spellCheck={false}
        placeholder={example}
        aria-describedby={wrong === undefined ? undefined : `${id}-wrong`}
        onChange={(event) => onType(event.target.value)}
        className={fieldLook}
      />
      {wrong !== undefined && (
        <p id={`${id}-wrong`} role="status" className="mt-1 text-[0.9rem] text-faint">
          {wrong}
        </p>
      )}
    </div>
  )
}

function Windows({ rod, head }: { readonly rod: Rod; readonly head: Head | undefined }) {
  const { system } = useUnits()
  const bands = WINDOW_STYLES.flatMap((style): AxisBand[] => {
    const found = windowFor(rod, style, DAY)
    return found.outcome === 'window' ? [{ label: WINDOW_NAMES[style], window: found.window }] : []
  })
  const parts = head === undefined ? undefined : bare(rod, head)
  const lines = parts === undefined ? [] : ledger(parts, DAY)
  const check = parts === undefined ? undefined : lines.find(({ code }) => code === 'mass-in-window')
  const marks =
    head === undefined || parts === undefined
      ? []
      : [{ id: head.id, label: head.name, massKg: check?.value ?? parts.head.massKg.value, chosen: true }]
  return (
    <figure className="mt-3">
      <figcaption className="mb-1 text-[0.92rem]">
        <b className="font-semibold">{summarize(rod, system)}</b>: its windows, by kind of head
      </figcaption>
      <GrainAxis bands={bands} marks={marks} />
      {check !== undefined && (
        <p data-fit={check.state} className="flex items-baseline gap-2">
          <StateMark state={check.state} /> {sayCheck(check, system)}
        </p>
      )}
    </figure>
  )
}
