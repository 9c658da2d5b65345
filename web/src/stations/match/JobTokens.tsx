import { type Day, JOB_LIMITS, type Job } from '@hoxen/core/day'
import type { Measure } from '@hoxen/core/quantity'
import { HABIT_NAMES, nearestWord, PLAIN_WORDS, type PlainQuestion } from '@hoxen/core/words'
import { Suspense } from 'react'
import { Link } from 'react-router'
import { Button, useUnits, useWithin } from '../../ui/index.ts'
import { AnswerList, JobToken } from './JobToken.tsx'
import { QuantityField } from './lazyField.ts'
import type { JobChange } from './token.ts'
import { tokenLook } from './token.ts'

export const entries = <K extends string>(words: Readonly<Record<K, string>>) =>
  (Object.entries(words) as [K, string][]).map(([value, label]) => ({ value, label }))

export interface TokenProps {
  readonly job: Job
  readonly onChange: JobChange
}

const SEASON_WORDS = { spring: 'spring', summer: 'summer', autumn: 'autumn', winter: 'winter' } as const

/** The season by name, and the temperature that outranks it: the angler's thermometer, or the pool's gauge. */
export function SeasonToken({ job, day, onChange }: TokenProps & { readonly day: Day }) {
  const { show } = useUnits()
  const within = useWithin()
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
              label="or the water temperature you measured"
              measure="temperature"
              value={job.waterC}
              refuse={within(JOB_LIMITS.waterC, 'temperature')}
              onChange={(waterC) => onChange({ waterC, bySeason: undefined }, 'How cold is it?')}
            />
          </Suspense>
          {(job.bySeason || job.waterC !== undefined) && day.where.by === 'pool' && (
            <Button
              weight="quiet"
              onClick={() => {
                onChange({ waterC: undefined, bySeason: undefined }, 'Use the gauge')
                close()
              }}
            >
              Use the pool’s gauge
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
  const { show } = useUnits()
  const within = useWithin()
  const value = job[name]
  const near = nearestWord(name, value)
  const exact = Math.abs(near.si / value - 1) < 0.12
  const refuse = within(JOB_LIMITS[name], measure)

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
            Your habit shifts the sweet spot within the window; only head trials settle it.
          </p>
          <AnswerList
            answers={entries({ spey: 'mostly spey casts', overhead: 'mostly overhead casts' })}
            chosen={mainly}
            onChoose={(m) => set({ mainly: m })}
          />
          <AnswerList
            answers={entries({ right: 'right hand on top', left: 'left hand on top' })}
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
  const question = 'What do you do after the swing?'
  const near = 3
  return (
    <JobToken
      name="strip"
      question={question}
      answer={
        job.stripToM === undefined
          ? 'lift and recast'
          : `strip in to ${show(job.stripToM, 'length')} from the rod tip`
      }
    >
      {(close) => (
        <>
          <AnswerList
            answers={[
              { value: undefined, label: 'lift and recast' },
              { value: near as number | undefined, label: 'strip it in close', figure: show(near, 'length') },
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
