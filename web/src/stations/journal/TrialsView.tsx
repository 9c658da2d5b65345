import { trialsCsv } from '@hoxen/core/format'
import { itemsOf, type Rod, WINDOW_STYLES, type WindowStyle } from '@hoxen/core/gear'
import {
  FEELS,
  type Feel,
  nextHead,
  type OwnWindow,
  ownOf,
  priorOf,
  TRIED_KG,
  type Tried,
  trialsOf,
} from '@hoxen/core/journal'
import { headFacts } from '@hoxen/core/line'
import { windowStyleOf } from '@hoxen/core/rig'
import { windowFor } from '@hoxen/core/rod'
import { FEEL_WORDS, sayOwnWindow, WINDOW_NAMES } from '@hoxen/core/words'
import { Link, useSearchParams } from 'react-router'
import { useDay } from '../../day/index.ts'
import { type AxisBand, GrainAxis } from '../../drawing/index.ts'
import { dropDraft, useDraftState } from '../../store/drafts.ts'
import {
  changeKept,
  commit,
  noticeDone,
  noticeFailed,
  useGear,
  useList,
  useSettings,
} from '../../store/index.ts'
import { newId } from '../../store/rows.ts'
import {
  Button,
  buttonLook,
  Empty,
  onDay,
  QuantityField,
  Select,
  saveFile,
  TextField,
  today,
  useUnits,
  useWithin,
} from '../../ui/index.ts'

/** A caster’s own window of a rod: heads are tried, each is felt, and the next worth borrowing is named. */
export function TrialsView() {
  const items = useGear()?.items
  const trials = useList('trials')
  const day = useDay()
  const [params, setParams] = useSearchParams()
  const { castsAs } = useSettings()
  if (items === undefined || trials === undefined || day === undefined)
    return <p className="py-10 text-faint">Opening…</p>
  const rods = itemsOf({ items }, 'rod')
  const rod = rods.find(({ id }) => id === params.get('rod')) ?? rodToTry(rods, trials)
  if (rod === undefined)
    return (
      <Empty
        title="No rod to try heads on"
        action={
          <Link to="/gear/new/rod" className={buttonLook('strong')}>
            Add a rod
          </Link>
        }
      >
        Two good casters disagree about the same rod, and both are right. Add a rod, try a few heads on it,
        and from how they felt Hoxen works out its window in your hands.
      </Empty>
    )
  const style = WINDOW_STYLES.find((each) => each === params.get('style')) ?? 'skagit'
  const choose = (name: 'rod' | 'style', value: string): void =>
    setParams(
      (old) => {
        old.set(name, value)
        return old
      },
      { replace: true },
    )
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
        <Told {...{ rod, style, own, mine, options, headId }} onHead={setHeadId} />
      )}
      <NewTrial {...{ rod, style, caster, form, headId }} onHead={setHeadId} />
    </>
  )
}

interface ToldProps {
  readonly rod: Rod
  readonly style: WindowStyle
  readonly own: OwnWindow
  readonly mine: readonly Tried[]
  readonly options: Options
  readonly headId: string
  readonly onHead: (id: string) => void
}

/** The window before and after, on one axis with the heads that were tried; and what to do next. */
function Told({ rod, style, own, mine, options, headId, onHead }: ToldProps) {
  const { system } = useUnits()
  const items = useGear()?.items ?? []
  const found = windowFor(rod, style, options)
  if (found.outcome !== 'window') return null
  const prior = priorOf(found.window)
  const owned = itemsOf({ items }, 'head').filter((h) => windowStyleOf(h.style) === style)
  const next = nextHead(prior, mine)
  const here = nextHead(
    prior,
    mine,
    owned.map((h) => headFacts(h).massKg.value),
  )
  const mineHere = here && owned.find((h) => headFacts(h).massKg.value === here.headKg)
  const bands: readonly AxisBand[] = [
    { label: found.window.from === 'bend' ? 'from a bend test' : found.window.tag, window: found.window },
    ...(mine.length === 0
      ? []
      : [
          {
            label: 'yours',
            window: { ...found.window, ...own, tag: 'log' as const, aimKg: own.centreKg },
            ...(next === undefined ? {} : { dotsKg: [next.headKg] }),
          },
        ]),
  ]
  return (
    <>
      <figure className="mt-3 rounded-lg border border-rule bg-sheet px-4 pt-3">
        <GrainAxis
          bands={bands}
          marks={[
            ...owned.map((h) => ({
              id: h.id,
              label: [
                h.name,
                ...mine.filter(({ name }) => name === h.name).map(({ feel }) => FEEL_WORDS[feel]),
              ].join(', '),
              massKg: headFacts(h).massKg.value,
              chosen: h.id === headId,
            })),
            ...mine
              .filter(({ name }) => owned.every((h) => h.name !== name))
              .map((t) => ({
                id: t.id,
                label: `${t.name ?? 'a head'}, ${FEEL_WORDS[t.feel]}`,
                massKg: t.headKg,
                chosen: false,
              })),
          ]}
          ticks="heads you own or tried; touch your own to try it again"
          onChoose={onHead}
          dots="the next head worth borrowing"
        />
      </figure>
      <p className="mt-2 text-lg" role="status" data-own={own.settled ? 'settled' : 'open'}>
        {sayOwnWindow(own, next?.headKg, system)}
        {mineHere !== undefined && next !== undefined
          ? ` Of your own, ${mineHere.name} would tell you most.`
          : ''}
      </p>
    </>
  )
}

interface NewTrialProps {
  readonly rod: Rod
  readonly style: WindowStyle
  readonly caster: string | undefined
  readonly form: string
  readonly headId: string
  readonly onHead: (id: string) => void
}

/** One head, one feel: five large buttons. */
function NewTrial({ rod, style, caster, form, headId, onHead }: NewTrialProps) {
  const { show } = useUnits()
  const within = useWithin()
  const items = useGear()?.items ?? []
  const heads = itemsOf({ items }, 'head').filter((h) => windowStyleOf(h.style) === style)
  const [typedKg, setTypedKg] = useDraftState<number | undefined>(form, 'mass', undefined)
  const head = heads.find(({ id }) => id === headId)
  const headKg = head === undefined ? typedKg : headFacts(head).massKg.value
  const keep = (feel: Feel): void => {
    if (headKg === undefined) return
    const trial: Tried = {
      id: newId('trial'),
      rodId: rod.id,
      style,
      headKg,
      feel,
      ...(head === undefined ? {} : { name: head.name }),
      ...(caster === undefined ? {} : { caster }),
      on: today(),
    }
    commit(`Trial: ${show(headKg, 'lineMass')}, ${FEEL_WORDS[feel]}`, (tx) => tx.put('trials', [trial])).then(
      (did) => {
        if (!did) return
        void dropDraft(form)
        noticeDone(`${show(headKg, 'lineMass')} was ${FEEL_WORDS[feel]}`)
      },
      noticeFailed,
    )
  }
  return (
    <div className="mt-4 rounded-lg border border-rule bg-sheet px-4 py-3">
      <div className="grid gap-3 sm:grid-cols-2">
        <Select
          label="A head of yours"
          value={head?.id ?? ''}
          options={[['', 'another, by its weight'], ...heads.map((h) => [h.id, h.name] as const)]}
          onChange={onHead}
        />
        {head === undefined && (
          <QuantityField
            label="Its weight"
            measure="lineMass"
            value={typedKg}
            onChange={setTypedKg}
            refuse={within(TRIED_KG, 'lineMass')}
          />
        )}
      </div>
      <fieldset className="mt-3" disabled={headKg === undefined}>
        <legend className="text-sm text-faint">It felt</legend>
        <div className="mt-1 grid grid-cols-1 gap-2 sm:grid-cols-5">
          {FEELS.map((feel) => (
            <Button key={feel} disabled={headKg === undefined} onClick={() => keep(feel)}>
              {FEEL_WORDS[feel]}
            </Button>
          ))}
        </div>
      </fieldset>
    </div>
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
