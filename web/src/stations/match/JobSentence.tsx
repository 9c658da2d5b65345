import { type Day, type Job, USUAL_DAYS, type UsualDay } from '@hoxen/core/day'
import type { Rod } from '@hoxen/core/gear'
import type { Measure } from '@hoxen/core/quantity'
import { FISH_AT_NAMES, type PlainQuestion, STYLE_NAMES, WATER_NAMES } from '@hoxen/core/words'
import { DropperToken, FlyToken, IndicatorToken, type NamedFly } from './FlyTokens.tsx'
import { AnswerList, JobToken } from './JobToken.tsx'
import { CasterToken, entries, FigureToken, PoolWater, SeasonToken, StripToken } from './JobTokens.tsx'
import type { JobChange } from './token.ts'

interface Props {
  readonly job: Job
  readonly day: Day
  readonly rods: readonly Rod[]
  readonly flies: readonly NamedFly[]
  readonly onChange: JobChange
}

/** The job as the angler would say it, in the order they think of it; every answer can be changed where it stands. */
export function JobSentence({ job, day, rods, flies, onChange }: Props) {
  const choice = { job, onChange }
  const figure = (key: PlainQuestion, question: string, measure: Measure) => (
    <FigureToken job={job} name={key} question={question} measure={measure} onChange={onChange} />
  )
  return (
    <div className="text-[1.12rem] leading-[1.9]">
      <p>
        I am after {figure('fishKg', 'What fish?', 'fishMass')} in{' '}
        <ChoiceToken {...choice} name="water" question="What water?" words={WATER_NAMES} /> in{' '}
        <SeasonToken job={job} day={day} onChange={onChange} />, with{' '}
        <FlyToken job={job} flies={flies} onChange={onChange} /> and{' '}
        <DropperToken job={job} flies={flies} onChange={onChange} />,{' '}
        <IndicatorToken job={job} onChange={onChange} />.
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
        , and the fly should ride{' '}
        <ChoiceToken {...choice} name="fishAt" question="Where should the fly ride?" words={FISH_AT_NAMES} />.
      </p>
      <p className="mt-1">
        Room behind me: {figure('roomBehindM', 'How much room is behind you?', 'length')}. I’ll fish{' '}
        <RodToken {...choice} rods={rods} /> with{' '}
        <ChoiceToken {...choice} name="style" question="What kind of head?" words={STYLE_NAMES} />.
      </p>
      <p className="mt-1">
        <CasterToken job={job} onChange={onChange} /> After the swing I{' '}
        <StripToken job={job} onChange={onChange} />.
      </p>
    </div>
  )
}

interface ChoiceProps<K extends 'water' | 'fishAt' | 'style'> extends Pick<Props, 'job' | 'onChange'> {
  readonly name: K
  readonly question: string
  readonly words: Readonly<Record<Job[K], string>>
}

/** One of the answers that have words. */
const ChoiceToken = <K extends 'water' | 'fishAt' | 'style'>({
  job,
  name,
  question,
  words,
  onChange,
}: ChoiceProps<K>) => (
  <JobToken name={name} question={question} answer={words[job[name]]}>
    {(close) => (
      <AnswerList
        answers={entries(words)}
        chosen={job[name]}
        onChoose={(value) => {
          onChange({ [name]: value }, question)
          close()
        }}
      />
    )}
  </JobToken>
)

function RodToken({ job, rods, onChange }: Pick<Props, 'job' | 'rods' | 'onChange'>) {
  const rod = rods.find((r) => r.id === job.rodId)
  return (
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
