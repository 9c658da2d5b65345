import { type Day, JOB_LIMITS, type Job } from '@hoxen/core/day'
import { DRESSES, DROPPER_LIMITS, type FlyShape, USUAL_DROPPER_M, WEIGHTINGS } from '@hoxen/core/gear'
import type { Measure } from '@hoxen/core/quantity'
import {
  DRESS_NAMES,
  HABIT_NAMES,
  nearestWord,
  PLAIN_WORDS,
  type PlainQuestion,
  sayFly,
  WEIGHTING_NAMES,
} from '@hoxen/core/words'
import { lazy, Suspense } from 'react'
import { Link } from 'react-router'
import { Button, useUnits } from '../../ui/index.ts'
import { AnswerList, JobToken } from './JobToken.tsx'
import type { JobChange } from './jobChange.ts'
import { tokenLook } from './token.ts'

// Typing a figure comes after the first look: reading and refusing it is loaded when a question is opened.
const QuantityField = lazy(() =>
  import('../../ui/QuantityField.tsx').then((m) => ({ default: m.QuantityField })),
)

export const entries = <K extends string>(words: Readonly<Record<K, string>>) =>
  (Object.entries(words) as [K, string][]).map(([value, label]) => ({ value, label }))

/** A fly of the angler's own. */
export type NamedFly = FlyShape & { readonly name: string }

interface TokenProps {
  readonly job: Job
  readonly onChange: JobChange
}

const SEASON_WORDS = { spring: 'spring', summer: 'summer', autumn: 'autumn', winter: 'winter' } as const

/** The season by name, and the temperature that outranks it: the angler's thermometer, or the pool's gauge. */
export function SeasonToken({ job, day, onChange }: TokenProps & { readonly day: Day }) {
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
export function PoolWater({ day }: { readonly day: Day }) {
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

export function FigureToken({ job, name, question, measure, onChange }: FigureTokenProps) {
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

export function FlyToken({ job, flies, onChange }: TokenProps & { readonly flies: readonly NamedFly[] }) {
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

/** A second fly on a dropper, and how far up it hangs. */
export function DropperToken({ job, flies, onChange }: TokenProps & { readonly flies: readonly NamedFly[] }) {
  const { show, range } = useUnits()
  const question = 'A second fly?'
  const { dropper } = job
  const plain: readonly NamedFly[] = WEIGHTINGS.map((weighting) => ({
    name: `a ${sayFly({ dress: 'sparse', weighting })}`,
    dress: 'sparse',
    weighting,
  }))
  const choices = [...plain, ...flies.slice(0, 9)]
  const same = (a: FlyShape, b: FlyShape): boolean =>
    a.dress === b.dress && a.weighting === b.weighting && a.massKg === b.massKg
  const own = dropper && choices.find((f) => same(f, dropper.fly))
  return (
    <JobToken
      name="dropper"
      question={question}
      answer={dropper === undefined ? 'no second fly' : (own?.name ?? `a ${sayFly(dropper.fly)}`)}
    >
      {(close) => (
        <>
          <AnswerList
            answers={[
              { value: '', label: 'no second fly' },
              ...choices.map(({ name }) => ({ value: name, label: name })),
            ]}
            chosen={dropper === undefined ? '' : (own?.name ?? '')}
            onChoose={(name) => {
              const fly = choices.find((f) => f.name === name)
              const { upM = USUAL_DROPPER_M } = dropper ?? {}
              onChange(
                {
                  dropper: fly && {
                    fly: {
                      dress: fly.dress,
                      weighting: fly.weighting,
                      ...(fly.massKg === undefined ? {} : { massKg: fly.massKg }),
                    },
                    upM,
                  },
                },
                question,
              )
              if (fly === undefined) close()
            }}
          />
          {dropper !== undefined && (
            <Suspense fallback={<div className="h-[4.3rem]" />}>
              <QuantityField
                label="how far up the leader"
                measure="length"
                value={dropper.upM}
                refuse={(si) =>
                  si >= DROPPER_LIMITS.low && si <= DROPPER_LIMITS.high
                    ? undefined
                    : `Between ${range(DROPPER_LIMITS, 'length')}, please.`
                }
                onChange={(upM) => onChange({ dropper: { ...dropper, upM } }, 'Where does it hang?')}
              />
              <p className="text-sm text-faint">
                {show(USUAL_DROPPER_M, 'length')} is as close as they come.
              </p>
            </Suspense>
          )}
        </>
      )}
    </JobToken>
  )
}

/** Swung round on a tight line, or drifted dead under a float. */
export function IndicatorToken({ job, onChange }: TokenProps) {
  const question = 'How is it fished?'
  return (
    <JobToken
      name="indicator"
      question={question}
      answer={job.indicator ? 'drifted under a float' : 'on the swing'}
    >
      {(close) => (
        <AnswerList
          answers={entries({ swing: 'on the swing', float: 'drifted under a float' })}
          chosen={job.indicator ? 'float' : 'swing'}
          onChoose={(how) => {
            onChange({ indicator: how === 'float' ? true : undefined }, question)
            close()
          }}
        />
      )}
    </JobToken>
  )
}

export function CasterToken({ job, onChange }: TokenProps) {
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

export function StripToken({ job, onChange }: TokenProps) {
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
