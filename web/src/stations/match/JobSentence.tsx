import { type Day, JOB_LIMITS, type Job, USUAL_DAYS, type UsualDay } from '@hoxen/core/day'
import { DRESSES, type FlyShape, type Rod, WEIGHTINGS } from '@hoxen/core/gear'
import type { Measure } from '@hoxen/core/quantity'
import {
  DRESS_NAMES,
  FISH_AT_NAMES,
  HABIT_NAMES,
  nearestWord,
  PLAIN_WORDS,
  type PlainQuestion,
  STYLE_NAMES,
  sayFly,
  WATER_NAMES,
  WEIGHTING_NAMES,
} from '@hoxen/core/words'
import { lazy, type ReactNode, Suspense } from 'react'
import { Link } from 'react-router'
import { Button, useUnits } from '../../ui/index.ts'
import { AnswerList, JobToken } from './JobToken.tsx'
import type { JobChange } from './jobChange.ts'
import { tokenLook } from './token.ts'

// Typing a figure comes after the first look: reading and refusing it is loaded when a question is opened.
const QuantityField = lazy(() =>
  import('../../ui/QuantityField.tsx').then((m) => ({ default: m.QuantityField })),
)

interface Props {
  readonly job: Job
  readonly day: Day
  readonly rods: readonly Rod[]
  readonly flies: readonly (FlyShape & { readonly name: string })[]
  readonly onChange: JobChange
}

const entries = <K extends string>(words: Readonly<Record<K, string>>) =>
  (Object.entries(words) as [K, string][]).map(([value, label]) => ({ value, label }))

/** The job as the angler would say it, in the order they think of it; every answer can be changed where it stands. */
export function JobSentence({ job, day, rods, flies, onChange }: Props) {
  const rod = rods.find((r) => r.id === job.rodId)
  const choice = <K extends 'water' | 'season' | 'fishAt' | 'style'>(
    key: K,
    question: string,
    words: Readonly<Record<Job[K], string>>,
  ): ReactNode => (
    <JobToken name={key} question={question} answer={words[job[key]]}>
      {(close) => (
        <AnswerList
          answers={entries(words)}
          chosen={job[key]}
          onChoose={(value) => {
            onChange({ [key]: value }, question)
            close()
          }}
        />
      )}
    </JobToken>
  )
  const figure = (key: PlainQuestion, question: string, measure: Measure) => (
    <FigureToken job={job} name={key} question={question} measure={measure} onChange={onChange} />
  )
  return (
    <div className="text-[1.12rem] leading-[1.9]">
      <p>
        I am after {figure('fishKg', 'What fish?', 'fishMass')} in{' '}
        {choice('water', 'What water?', WATER_NAMES)} in{' '}
        <SeasonToken job={job} day={day} onChange={onChange} />, with{' '}
        <FlyToken job={job} flies={flies} onChange={onChange} />.
      </p>
      <p className="mt-1">
        I cast {figure('castM', 'How far?', 'length')},{' '}
        {day.where.by === 'pool' ? (
          <PoolWater day={day} />
        ) : (
          <>
            over water {figure('waterDepthM', 'How deep is it?', 'length')} at{' '}
            {figure('currentMps', 'How fast does it run?', 'current')}
          </>
        )}
        , and the fly should ride {choice('fishAt', 'Where should the fly ride?', FISH_AT_NAMES)}.
      </p>
      <p className="mt-1">
        Behind me is {figure('roomBehindM', 'What room is behind you?', 'length')}. I take{' '}
        <JobToken name="rod" question="Which rod?" answer={rod?.name ?? 'any of my rods'}>
          {(close) => (
            <AnswerList
              answers={[
                { value: undefined, label: 'any of my rods' },
                ...rods.map((r) => ({ value: r.id, label: r.name })),
              ]}
              chosen={job.rodId}
              onChoose={(rodId) => {
                onChange({ rodId }, 'Which rod?')
                close()
              }}
            />
          )}
        </JobToken>{' '}
        and {choice('style', 'What kind of head?', STYLE_NAMES)}.
      </p>
      <p className="mt-1">
        <CasterToken job={job} onChange={onChange} /> I <StripToken job={job} onChange={onChange} />.
      </p>
    </div>
  )
}

interface TokenProps {
  readonly job: Job
  readonly onChange: JobChange
}

const SEASON_WORDS = { spring: 'spring', summer: 'summer', autumn: 'autumn', winter: 'winter' } as const

/** The season by name, and the temperature that outranks it: the angler's thermometer, or the pool's gauge. */
function SeasonToken({ job, day, onChange }: TokenProps & { readonly day: Day }) {
  const { show } = useUnits()
  const question = 'What time of year?'
  const felt = day.waterC === undefined ? '' : `, the water at ${show(day.waterC, 'temperature')}`
  return (
    <JobToken name="season" question={question} answer={`${SEASON_WORDS[job.season]}${felt}`}>
      {(close) => (
        <>
          <AnswerList
            answers={entries(SEASON_WORDS)}
            chosen={job.season}
            onChoose={(season) => {
              // Said by hand, the season's name outranks any temperature.
              onChange({ season, waterC: undefined, bySeason: true }, question)
              close()
            }}
          />
          <Suspense fallback={<div className="h-[4.3rem]" />}>
            <QuantityField
              label="or the water’s temperature, by your thermometer"
              measure="temperature"
              value={job.waterC}
              refuse={(si) =>
                si >= JOB_LIMITS.waterC.low && si <= JOB_LIMITS.waterC.high
                  ? undefined
                  : `Between ${show(JOB_LIMITS.waterC.low, 'temperature')} and ${show(JOB_LIMITS.waterC.high, 'temperature')}, please.`
              }
              onChange={(waterC) => onChange({ waterC, bySeason: undefined }, 'How cold is it?')}
            />
          </Suspense>
          {(job.bySeason || job.waterC !== undefined) && day.where.by === 'pool' && (
            <Button
              weight="quiet"
              onClick={() => {
                onChange({ waterC: undefined, bySeason: undefined }, 'Go by the gauge')
                close()
              }}
            >
              Go by the pool’s gauge
            </Button>
          )}
        </>
      )}
    </JobToken>
  )
}

/** Depth and current as the chosen pool has them today; the Water station sets them. */
function PoolWater({ day }: { readonly day: Day }) {
  const { show } = useUnits()
  if (day.where.by === 'words') return null
  return (
    <>
      over{' '}
      <Link to="/water" className={tokenLook}>
        {day.where.pool.name}
      </Link>
      , today about {show(day.waterDepthM, 'length')} deep at {show(day.currentMps, 'current')}
    </>
  )
}

interface FigureTokenProps extends TokenProps {
  readonly name: PlainQuestion
  readonly question: string
  readonly measure: Measure
}

function FigureToken({ job, name, question, measure, onChange }: FigureTokenProps) {
  const { show, range } = useUnits()
  const value = job[name]
  const near = nearestWord(name, value)
  const exact = Math.abs(near.si / value - 1) < 0.12
  const limits = JOB_LIMITS[name]
  const refuse = (si: number): string | undefined =>
    si >= limits.low && si <= limits.high ? undefined : `Between ${range(limits, measure)}, please.`
  const answer =
    name === 'fishKg'
      ? `${near.word} of ${show(value, measure)}`
      : exact
        ? `${near.word} (${show(value, measure)})`
        : show(value, measure)
  return (
    <JobToken name={name} question={question} answer={answer}>
      {(close) => (
        <>
          <AnswerList
            answers={PLAIN_WORDS[name].map((w) => ({
              value: w.si as number,
              label: w.word as string,
              figure: show(w.si, measure),
            }))}
            chosen={value}
            onChoose={(si) => {
              onChange({ [name]: si }, question)
              close()
            }}
          />
          <div className="mt-2 border-t border-rule pt-2">
            <Suspense fallback={<div className="h-[4.3rem]" />}>
              <QuantityField
                label="or a figure"
                measure={measure}
                value={value}
                refuse={refuse}
                onChange={(si) => onChange({ [name]: si }, question)}
              />
            </Suspense>
          </div>
        </>
      )}
    </JobToken>
  )
}

function FlyToken({ job, flies, onChange }: TokenProps & Pick<Props, 'flies'>) {
  const { dress, weighting } = job.fly
  const set = (fly: FlyShape): void => onChange({ fly }, 'What fly?')
  const own = flies.find(
    (f) =>
      f.dress === dress && f.weighting === weighting && f.massKg === job.fly.massKg && f.massKg !== undefined,
  )
  return (
    <JobToken name="fly" question="What fly?" answer={own?.name ?? `a ${sayFly(job.fly)}`}>
      {(close) => (
        <>
          <p className="text-sm text-faint">Dressing</p>
          <AnswerList
            answers={DRESSES.map((d) => ({ value: d, label: DRESS_NAMES[d] }))}
            chosen={dress}
            onChoose={(d) => set({ dress: d, weighting })}
          />
          <p className="mt-2 text-sm text-faint">Weight</p>
          <AnswerList
            answers={WEIGHTINGS.map((w) => ({ value: w, label: WEIGHTING_NAMES[w] }))}
            chosen={weighting}
            onChoose={(w) => set({ dress, weighting: w })}
          />
          {flies.length > 0 && (
            <>
              <p className="mt-2 text-sm text-faint">Or one of yours</p>
              <AnswerList
                answers={flies.slice(0, 12).map((f) => ({ value: f.name, label: f.name }))}
                chosen={own?.name ?? ''}
                onChoose={(name) => {
                  const fly = flies.find((f) => f.name === name)
                  if (fly)
                    set({
                      dress: fly.dress,
                      weighting: fly.weighting,
                      ...(fly.massKg === undefined ? {} : { massKg: fly.massKg }),
                    })
                  close()
                }}
              />
            </>
          )}
        </>
      )}
    </JobToken>
  )
}

function CasterToken({ job, onChange }: TokenProps) {
  const { hand, habit, mainly } = job.caster
  const set = (change: Partial<Job['caster']>): void =>
    onChange({ caster: { ...job.caster, ...change } }, 'How do you cast?')
  return (
    <JobToken
      name="caster"
      question="How do you cast?"
      answer={`I cast ${hand}-handed, ${mainly === 'spey' ? 'mostly spey' : 'mostly overhead'}, and ${HABIT_NAMES[habit]}.`}
    >
      {() => (
        <>
          <AnswerList
            answers={entries(HABIT_NAMES).map((a) => ({ ...a, label: `I ${a.label}` }))}
            chosen={habit}
            onChoose={(h) => set({ habit: h })}
          />
          <p className="mt-2 text-sm text-faint">
            The habit moves where in the window to look first; only trials settle it.
          </p>
          <AnswerList
            answers={entries({ spey: 'mostly spey casts', overhead: 'mostly overhead casts' })}
            chosen={mainly}
            onChoose={(m) => set({ mainly: m })}
          />
          <AnswerList
            answers={entries({ right: 'right hand above', left: 'left hand above' })}
            chosen={hand}
            onChoose={(h) => set({ hand: h })}
          />
        </>
      )}
    </JobToken>
  )
}

function StripToken({ job, onChange }: TokenProps) {
  const { show } = useUnits()
  const question = 'How is the fly brought back?'
  const near = 3
  return (
    <JobToken
      name="strip"
      question={question}
      answer={
        job.stripToM === undefined
          ? 'only swing the fly and lift'
          : `strip it to ${show(job.stripToM, 'length')} from the rod tip`
      }
    >
      {(close) => (
        <>
          <AnswerList
            answers={[
              { value: undefined, label: 'only swing and lift' },
              { value: near as number | undefined, label: 'strip it close', figure: show(near, 'length') },
            ]}
            chosen={job.stripToM}
            onChoose={(stripToM) => {
              onChange({ stripToM }, question)
              close()
            }}
          />
          <Suspense fallback={<div className="h-[4.3rem]" />}>
            <QuantityField
              label="or to this far from the rod tip"
              measure="length"
              value={job.stripToM}
              onChange={(stripToM) => onChange({ stripToM }, question)}
            />
          </Suspense>
        </>
      )}
    </JobToken>
  )
}

/** Usual days to start from; each brings its own water, so the pool is left. */
export function DayButtons({ onChoose }: { readonly onChoose: (day: UsualDay) => void }) {
  return (
    <ul className="mt-3 flex flex-wrap gap-2" aria-label="Start from a usual day">
      {USUAL_DAYS.map((day) => (
        <li key={day.name}>
          <button
            type="button"
            onClick={() => onChoose(day)}
            className="min-h-11 rounded-full border border-ink/50 bg-sheet px-3.5 text-[0.92rem] hover:bg-shoal"
          >
            {day.name}
          </button>
        </li>
      ))}
    </ul>
  )
}
