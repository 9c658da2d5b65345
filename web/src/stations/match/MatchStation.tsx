import type { UsualDay } from '@hoxen/core/day'
import { itemsOf } from '@hoxen/core/gear'
import { Suspense } from 'react'
import { useMatch, useQuestion } from '../../ledger/index.ts'
import { changeDay, noticeFailed, useJob } from '../../store/index.ts'
import { Button, lazily, soon } from '../../ui/index.ts'
import { DayButtons, JobSentence } from './JobSentence.tsx'
import type { JobChange } from './token.ts'

const useRigs = soon(() => import('./Rigs.tsx').then((m) => m.Rigs))
const Welcome = lazily(() => import('./Welcome.tsx').then((m) => m.Welcome))

/** What do you want to fish, and what of your gear does it? */
export function MatchStation() {
  const question = useQuestion()
  const match = useMatch(question)
  const job = useJob()
  const Rigs = useRigs()
  if (question === undefined || job === undefined)
    return <p className="py-10 text-faint">Looking through your gear…</p>
  if (question.gear.items.length === 0)
    return (
      <Suspense>
        <Welcome />
      </Suspense>
    )
  const onChange: JobChange = (change, label) =>
    void changeDay(`Day: ${label.replace(/\?$/, '').toLowerCase()}`, { answers: change }).catch(noticeFailed)
  const startFrom = (day: UsualDay): void =>
    void import('./startFrom.ts').then((m) => m.startFrom(day, question.day)).catch(noticeFailed)
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-6 lg:grid-cols-[24rem_minmax(0,1fr)]">
      <section
        aria-labelledby="job"
        className="lg:sticky lg:top-[7.5rem] lg:max-h-[calc(100dvh-8rem)] lg:self-start lg:-mx-2 lg:overflow-y-auto lg:px-2 lg:pb-4"
      >
        <h1 id="job" className="mb-1 text-2xl">
          The day
        </h1>
        <JobSentence
          job={job}
          day={question.day}
          rods={itemsOf(question.gear, 'rod')}
          flies={itemsOf(question.gear, 'fly')}
          onChange={onChange}
        />
        <DayButtons onChoose={startFrom} />
        <Button
          weight="quiet"
          className="mt-2 px-0 lg:hidden"
          onClick={() => document.getElementById('rigs')?.scrollIntoView()}
        >
          To the rigs
        </Button>
      </section>
      <section id="rigs" aria-label="Rigs" aria-busy={match.isFetching} className="min-w-0 scroll-mt-32">
        {match.isError ? (
          <Failed message={match.error.message} onAgain={() => void match.refetch()} />
        ) : match.data === undefined || Rigs === undefined ? (
          <p className="py-10 text-faint">Ranking…</p>
        ) : (
          <Rigs question={question} result={match.data} stale={match.isPlaceholderData} />
        )}
      </section>
    </div>
  )
}

function Failed({ message, onAgain }: { readonly message: string; readonly onAgain: () => void }) {
  return (
    <div role="alert" className="py-6">
      <h2 className="text-2xl">The ranking stopped</h2>
      <p className="mt-2">{message} Your gear is untouched.</p>
      <Button weight="strong" className="mt-4" onClick={onAgain}>
        Try again
      </Button>
    </div>
  )
}
