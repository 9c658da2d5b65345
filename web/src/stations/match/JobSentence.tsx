import {
  DAYS,
  DRESSES,
  type Dress,
  type FlyShape,
  JOB_LIMITS,
  type Job,
  type Rod,
  WEIGHTINGS,
  type Weighting,
} from '@hoxen/core/gear'
import type { Measure } from '@hoxen/core/quantity'
import { nearestWord, PLAIN_WORDS, type PlainQuestion } from '@hoxen/core/words'
import { lazy, type ReactNode, Suspense } from 'react'
import { useUnits } from '../../ui/index.ts'
import { AnswerList, JobToken } from './JobToken.tsx'
import type { JobChange } from './jobChange.ts'

// Typing a figure comes after the first look: reading and refusing it is loaded when a question is opened.
const QuantityField = lazy(() =>
  import('../../ui/QuantityField.tsx').then((m) => ({ default: m.QuantityField })),
)

interface Props {
  readonly job: Job
  readonly rods: readonly Rod[]
  readonly flies: readonly (FlyShape & { readonly name: string })[]
  readonly onChange: JobChange
}

const WATER_WORDS = {
  beck: 'a beck',
  river: 'a river',
  'big-river': 'a big river',
  surf: 'the surf',
} as const
const DEPTH_WORDS = {
  surface: 'near the top',
  middle: 'in mid-water',
  bottom: 'close to the bottom',
} as const
const STYLE_WORDS = {
  any: 'any kind of head',
  skagit: 'a Skagit',
  scandi: 'a Scandi or another fine head',
  overhead: 'an overhead head',
} as const
const HABIT_WORDS = {
  'lower-hand': 'pull with the lower hand',
  average: 'use both hands alike',
  'top-hand': 'push with the top hand',
} as const
const DRESS_WORDS: Readonly<Record<Dress, string>> = {
  sparse: 'sparse',
  medium: 'medium-dressed',
  bulky: 'bulky',
}
const WEIGHTING_WORDS: Readonly<Record<Weighting, string>> = {
  unweighted: 'unweighted',
  light: 'lightly weighted',
  heavy: 'heavy',
}

const entries = <K extends string>(words: Readonly<Record<K, string>>) =>
  (Object.entries(words) as [K, string][]).map(([value, label]) => ({ value, label }))

/** The job as the angler would say it, in the order they think of it; every answer can be changed where it stands. */
export function JobSentence({ job, rods, flies, onChange }: Props) {
  const { show } = useUnits()
  const rod = rods.find((r) => r.id === job.rodId)
  const choice = <K extends 'water' | 'season' | 'fishAt' | 'style'>(
    key: K,
    question: string,
    words: Readonly<Record<Job[K], string>>,
  ): ReactNode => (
    <JobToken question={question} answer={words[job[key]]}>
      {(close) => (
        <AnswerList
          answers={entries(words)}
          chosen={job[key]}
          onChoose={(value) => {
            // A time of year said by hand outranks the water's temperature, which the Water station brought.
            onChange({ [key]: value, ...(key === 'season' ? { waterC: undefined } : {}) }, question)
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
        {choice('water', 'What water?', WATER_WORDS)} in{' '}
        {choice('season', 'What time of year?', {
          spring: 'spring',
          summer: 'summer',
          autumn: 'autumn',
          winter: 'winter',
        })}
        {job.waterC !== undefined && `, the water at ${show(job.waterC, 'temperature')}`}, with{' '}
        <FlyToken job={job} flies={flies} onChange={onChange} />.
      </p>
      <p className="mt-1">
        I cast {figure('castM', 'How far?', 'length')}, over water{' '}
        {figure('waterDepthM', 'How deep is it?', 'length')} at{' '}
        {figure('currentMps', 'How fast does it run?', 'current')}, and the fly should ride{' '}
        {choice('fishAt', 'Where should the fly ride?', DEPTH_WORDS)}.
      </p>
      <p className="mt-1">
        Behind me is {figure('roomBehindM', 'What room is behind you?', 'length')}. I take{' '}
        <JobToken question="Which rod?" answer={rod?.name ?? 'any of my rods'}>
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
        and {choice('style', 'What kind of head?', STYLE_WORDS)}.
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
    <JobToken question={question} answer={answer}>
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
  const article = dress === 'medium' || dress === 'sparse' || dress === 'bulky' ? 'a' : 'an'
  return (
    <JobToken
      question="What fly?"
      answer={own?.name ?? `${article} ${DRESS_WORDS[dress]}, ${WEIGHTING_WORDS[weighting]} fly`}
    >
      {(close) => (
        <>
          <p className="text-sm text-faint">Dressing</p>
          <AnswerList
            answers={DRESSES.map((d) => ({ value: d, label: DRESS_WORDS[d] }))}
            chosen={dress}
            onChoose={(d) => set({ dress: d, weighting })}
          />
          <p className="mt-2 text-sm text-faint">Weight</p>
          <AnswerList
            answers={WEIGHTINGS.map((w) => ({ value: w, label: WEIGHTING_WORDS[w] }))}
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
      question="How do you cast?"
      answer={`I cast ${hand}-handed, ${mainly === 'spey' ? 'mostly spey' : 'mostly overhead'}, and ${HABIT_WORDS[habit]}.`}
    >
      {() => (
        <>
          <AnswerList
            answers={entries(HABIT_WORDS).map((a) => ({ ...a, label: `I ${a.label}` }))}
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

/** Usual days to start from. */
export function DayButtons({ onChange }: { readonly onChange: JobChange }) {
  return (
    <ul className="mt-3 flex flex-wrap gap-2" aria-label="Start from a usual day">
      {DAYS.map((day) => (
        <li key={day.name}>
          <button
            type="button"
            onClick={() => onChange({ ...day.job, waterC: undefined }, day.name)}
            className="min-h-11 rounded-full border border-ink/50 bg-sheet px-3.5 text-[0.92rem] hover:bg-shoal"
          >
            {day.name}
          </button>
        </li>
      ))}
    </ul>
  )
}
