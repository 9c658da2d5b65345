import { trialsCsv } from '@hoxen/core/format'
import { itemsOf, type Rod, WINDOW_STYLES, type WindowStyle } from '@hoxen/core/gear'
import { type OwnWindow, ownOf, type Tried, trialsOf } from '@hoxen/core/journal'
import type { windowFor } from '@hoxen/core/rod'
import { FEEL_WORDS, WINDOW_NAMES } from '@hoxen/core/words'
import { useMemo } from 'react'
import { Link, useSearchParams } from 'react-router'
import { useDay } from '../../day/index.ts'
import {
  changeKept,
  commit,
  noticeFailed,
  useDraftState,
  useGear,
  useList,
  useSettings,
} from '../../store/index.ts'
import {
  Button,
  buttonLook,
  Empty,
  onDay,
  Select,
  saveFile,
  TextField,
  today,
  useUnits,
} from '../../ui/index.ts'
import { NewTrial } from './NewTrial.tsx'
import { TriedWindow } from './TriedWindow.tsx'

/** The rod and style of the address, else the rod to try next. */
function useWhich(rods: readonly Rod[], trials: readonly Tried[]) {
  const [params, setParams] = useSearchParams()
  return {
    rod: rods.find(({ id }) => id === params.get('rod')) ?? rodToTry(rods, trials),
    style: WINDOW_STYLES.find((each) => each === params.get('style')) ?? 'skagit',
    choose: (name: 'rod' | 'style', value: string): void =>
      setParams(
        (old) => {
          old.set(name, value)
          return old
        },
        { replace: true },
      ),
  }
}

/** A caster’s own window of a rod: heads are tried, each is felt, and the next worth borrowing is named. */
export function TrialsView() {
  const items = useGear()?.items
  const trials = useList('trials')
  const day = useDay()
  const { castsAs } = useSettings()
  const rods = useMemo(() => itemsOf({ items: items ?? [] }, 'rod'), [items])
  const { rod, style, choose } = useWhich(rods, trials ?? [])
  if (items === undefined || trials === undefined || day === undefined)
    return <p className="py-10 text-faint">Opening…</p>
  if (rod === undefined) return <NoRod />
  const mine = trialsOf({ trials, caster: castsAs }, rod.id, style)
  // What trials taught is set aside: they start from print, bend or number.
  const options = { schools: day.schools, caster: day.caster, own: withoutTrials(day.own) }
  const own = ownOf(rod, style, mine, options)
  return (
    <section aria-labelledby="trials-title">
      <Top rods={rods} rod={rod} style={style} trials={trials} />
      <div className="mt-2 grid gap-3 sm:grid-cols-3">
        <Select
          label="Rod"
          value={rod.id}
          options={rods.map((r) => [r.id, r.name])}
          onChange={(id) => choose('rod', id)}
        />
        <Select
          label="Kind of head"
          value={style}
          options={WINDOW_STYLES.map((s) => [s, WINDOW_NAMES[s]])}
          onChange={(s) => choose('style', s)}
        />
        <CasterField castsAs={castsAs} />
      </div>
      <OneRod key={`${rod.id} ${style}`} {...{ rod, style, own, mine, options }} caster={castsAs} />
      <TrialList trials={mine} />
    </section>
  )
}

const NoRod = () => (
  <Empty
    title="No rod to try heads on"
    action={
      <Link to="/gear/new/rod" className={buttonLook('strong')}>
        Add a rod
      </Link>
    }
  >
    Two good casters disagree about the same rod, and both are right. Add a rod, try a few heads on it, and
    from how they felt Hoxen works out its window in your hands.
  </Empty>
)

interface TopProps {
  readonly rods: readonly Rod[]
  readonly rod: Rod
  readonly style: WindowStyle
  readonly trials: readonly Tried[]
}

const Top = ({ rods, rod, style, trials }: TopProps) => (
  <div className="flex flex-wrap items-baseline justify-between gap-x-4">
    <h1 id="trials-title" className="text-2xl">
      Head trials
    </h1>
    <span className="no-print flex flex-wrap gap-2">
      <Link to={`/journal/trial-sheet?rod=${rod.id}&style=${style}`} className={buttonLook('plain')}>
        A sheet for the bank
      </Link>
      <Button
        disabled={trials.length === 0}
        onClick={() =>
          saveFile(
            `hoxen-trials-${today()}.csv`,
            trialsCsv(trials, new Map(rods.map(({ id, name }) => [id, name]))),
            'text/csv',
          )
        }
      >
        Save all trials as a table
      </Button>
    </span>
  </div>
)

const CasterField = ({ castsAs }: { readonly castsAs: string | undefined }) => (
  <TextField
    label="Caster (if several share this gear)"
    value={castsAs ?? ''}
    take={(name) => {
      if (name.trim().length > 40) return 'Use forty characters at most.'
      void changeKept('Who casts', 'settings', ({ castsAs: _old, ...rest }) =>
        name.trim() === '' ? rest : { ...rest, castsAs: name.trim() },
      ).catch(noticeFailed)
      return undefined
    }}
  />
)

/** The rod that one is about to try heads on: that with the most trials; before any, one whose window nobody knows. */
function rodToTry(rods: readonly Rod[], trials: readonly Tried[]): Rod | undefined {
  const tried = (rod: Rod): number => trials.filter(({ rodId }) => rodId === rod.id).length
  const most = rods.reduce<Rod | undefined>(
    (a, b) => (a !== undefined && tried(a) >= tried(b) ? a : b),
    undefined,
  )
  return most !== undefined && tried(most) > 0
    ? most
    : (rods.find(({ windows }) => windows === undefined) ?? most)
}

type Options = Parameters<typeof windowFor>[2]

const withoutTrials = (own: NonNullable<Options>['own']): NonNullable<Options>['own'] =>
  own === undefined
    ? undefined
    : Object.fromEntries(
        Object.entries(own).map(([rodId, styles]) => [
          rodId,
          Object.fromEntries(Object.entries(styles).filter(([, band]) => band.from === 'bend')),
        ]),
      )

interface OneRodProps {
  readonly rod: Rod
  readonly style: WindowStyle
  readonly own: OwnWindow | undefined
  readonly mine: readonly Tried[]
  readonly options: Options
  readonly caster: string | undefined
}

/** One rod with one kind of head: its window, and the next trial; a head of one’s own is chosen on the axis. */
function OneRod({ rod, style, own, mine, options, caster }: OneRodProps) {
  const form = `trial ${rod.id} ${style}`
  const [headId, setHeadId] = useDraftState(form, 'head', '')
  return (
    <>
      {own === undefined ? (
        <p className="mt-4">There is no window to start from for such a rod.</p>
      ) : (
        <TriedWindow {...{ rod, style, own, mine, options, headId }} onHead={setHeadId} />
      )}
      <NewTrial {...{ rod, style, caster, form, headId }} onHead={setHeadId} />
    </>
  )
}

function TrialList({ trials }: { readonly trials: readonly Tried[] }) {
  const { show } = useUnits()
  if (trials.length === 0) return null
  return (
    <ol aria-label="Trials, latest first" className="mt-3 divide-y divide-rule border-y border-rule">
      {[...trials].reverse().map((t) => (
        <li key={t.id} className="flex flex-wrap items-center justify-between gap-x-4 py-1.5">
          <span>
            <b>{show(t.headKg, 'lineMass')}</b> {t.name ?? ''} — {FEEL_WORDS[t.feel]}
            {t.on === undefined ? '' : <span className="text-faint">, {onDay(t.on)}</span>}
          </span>
          <Button
            weight="quiet"
            onClick={() =>
              void commit('Delete a trial', (tx) => tx.remove('trials', [t.id])).catch(noticeFailed)
            }
          >
            Delete
          </Button>
        </li>
      ))}
    </ol>
  )
}
