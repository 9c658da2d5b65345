import {
  type Answers,
  LIST_NAMES,
  merged,
  planMerge,
  planRestore,
  SINGLES,
  unanswered,
  type WithPast,
} from '@hoxen/core/format'
import { printShare } from '@hoxen/core/quantity'
import { sayProblem } from '@hoxen/core/words'
import { type ReactNode, useMemo, useState } from 'react'
import { withPast } from '../../store/everything.ts'
import { bringIn, Live, noticeDone, noticeFailed, useLive } from '../../store/index.ts'
import { Button, OneOf, useUnits } from '../../ui/index.ts'
import { AskedList } from './AskedList.tsx'
import { ChangeList, Refused } from './ImportLists.tsx'
import { calledOf, type ImportReading } from './importReading.ts'

const all = new Live(withPast, true)

interface Props {
  readonly reading: ImportReading
  readonly onDone: () => void
}

/** Preview of a file: what it would add, change, take away and ask; then taken in as one step. */
export function ImportPreview({ reading, onDone }: Props) {
  // Read anew whenever anything that is kept changes.
  const kept = useLive(all)
  const { system } = useUnits()
  const [way, setWay] = useState<'merge' | 'restore'>('merge')
  const { fileProblems, past } = reading
  if (kept === undefined) return null
  if (fileProblems.length > 0)
    return (
      <div role="alert" className="mt-4">
        {fileProblems.map((problem) => (
          <p key={problem.code} className="font-medium text-breaks">
            {reading.name}: {sayProblem(problem, system)}
          </p>
        ))}
        <p className="mt-1">Nothing was changed.</p>
      </div>
    )
  return (
    <div className="mt-4">
      {past !== undefined && (
        <OneOf
          legend="What to do with this file"
          value={way}
          options={[
            ['merge', 'Merge it with what is here'],
            ['restore', 'Restore this backup: everything goes back to how it was saved'],
          ]}
          onChoose={setWay}
        />
      )}
      {way === 'restore' ? (
        <Restoring reading={reading} kept={kept} onDone={onDone} />
      ) : (
        <Merging reading={reading} kept={kept} onDone={onDone} />
      )}
    </div>
  )
}

interface PartProps extends Props {
  readonly kept: WithPast
}

/** Takes in under one step, and says so. */
function useTaking(onDone: () => void) {
  const [share, setShare] = useState<number>()
  const [stopper, setStopper] = useState<AbortController>()
  const take = (taken: Parameters<typeof bringIn>[0], label: string, says: string): void => {
    const going = new AbortController()
    setStopper(going)
    setShare(0)
    bringIn(taken, label, { tell: setShare, signal: going.signal })
      .then(
        () => {
          noticeDone(says)
          onDone()
        },
        (error) => (going.signal.aborted ? noticeDone('Stopped: nothing was changed') : noticeFailed(error)),
      )
      .finally(() => setShare(undefined))
  }
  return { share, take, stop: () => stopper?.abort() }
}

interface TakingRowProps {
  readonly share: number | undefined
  readonly onStop: () => void
  /** What can be done while nothing is being taken in. */
  readonly children: ReactNode
}

/** The buttons, or how far it is and the way to stop it. */
function TakingRow({ share, onStop, children }: TakingRowProps) {
  if (share === undefined) return <div className="mt-4 flex flex-wrap gap-3">{children}</div>
  return (
    <p role="status" className="mt-4 flex flex-wrap items-center gap-3">
      Importing… {printShare(share)}
      <progress value={share} max={1} className="h-2 flex-1" aria-label="Imported so far" />
      <Button onClick={onStop}>Stop</Button>
    </p>
  )
}

type Merge = ReturnType<typeof planMerge>

const tail = (): string => crypto.randomUUID().slice(0, 6)

/** What a merge would do, in figures. */
function useMerge(kept: WithPast, { document, past, refused }: ImportReading) {
  const merge = useMemo(() => planMerge(kept, { document, past }), [kept, document, past])
  const { plan, removed, asked, older } = merge
  const lists = LIST_NAMES.map((name) => plan.lists[name])
  const sum = (of: (list: (typeof lists)[number]) => number): number =>
    lists.reduce((total, list) => total + of(list), 0)
  return {
    merge,
    added: sum((l) => l.added.length),
    changed: sum((l) => l.changed.length),
    same: sum((l) => l.same),
    removed: past === undefined ? undefined : removed.length,
    older: older.length,
    count: sum((l) => l.added.length + l.changed.length) + removed.length + asked.length,
    /** A row may be wrong in more than one way. */
    refused: new Set(refused.map(({ place }) => place)).size,
  }
}

const MergeCounts = ({ added, changed, same, removed, older, refused }: ReturnType<typeof useMerge>) => (
  <p className="text-lg" role="status">
    <b>{added}</b> to add, <b>{changed}</b> to change, <b>{same}</b> already the same,{' '}
    {removed !== undefined && (
      <>
        <b>{removed}</b> to delete, <b>{older}</b> newer here,{' '}
      </>
    )}
    <b className={refused > 0 ? 'text-breaks' : ''}>{refused}</b> refused
  </p>
)

interface DeletedProps {
  readonly removed: Merge['removed']
  readonly answers: Answers
  readonly onAnswers: (answers: Answers) => void
}

/** Most of what was deleted elsewhere that is named. */
const NAMED = 8

/** Whether what was deleted on the other device goes here too. */
const DeletedThere = ({ removed, answers, onAnswers }: DeletedProps) => (
  <div className="mt-3 rounded-lg border-2 border-watch p-3">
    <OneOf
      legend={`Deleted there: ${removed
        .slice(0, NAMED)
        .map(({ name, row }) => calledOf(name, row))
        .join(', ')}${removed.length > NAMED ? ' …' : ''}`}
      value={answers.takeAway === undefined ? '' : answers.takeAway ? 'away' : 'keep'}
      options={[
        ['away', 'Delete here too'],
        ['keep', 'Keep here'],
      ]}
      onChoose={(answer) => onAnswers({ ...answers, takeAway: answer === 'away' })}
    />
  </div>
)

/** What is replaced and what is left out besides. */
const MergeNotes = ({ plan, reading }: { readonly plan: Merge['plan']; readonly reading: ImportReading }) => (
  <>
    {plan.singles.length > 0 && (
      <p className="text-[0.92rem] text-faint">
        Also replaces: {plan.singles.map((name) => SINGLES[name].words.one).join(', ')}.
      </p>
    )}
    {reading.unknownColumns.length > 0 && (
      <p className="text-[0.92rem] text-watch">
        Unknown columns, left out: {reading.unknownColumns.join(', ')}.
      </p>
    )}
    <Refused reading={reading} />
    <ChangeList plan={plan} removed={[]} guessed={reading.guessed} />
  </>
)

function Merging({ reading, kept, onDone }: PartProps) {
  const [answers, setAnswers] = useState<Answers>({ sides: {} })
  const { share, take, stop } = useTaking(onDone)
  const counts = useMerge(kept, reading)
  const { merge, count } = counts
  const { plan, removed, asked } = merge
  const open = unanswered(merge, answers)
  const bring = (): void =>
    take(
      merged(reading.document, merge, answers, Date.now(), tail()),
      `Import ${reading.name}`,
      `${count} imported from ${reading.name}`,
    )
  return (
    <>
      <MergeCounts {...counts} />
      <AskedList
        asked={asked}
        answers={answers.sides}
        onAnswer={(place, side) => setAnswers({ ...answers, sides: { ...answers.sides, [place]: side } })}
      />
      {removed.length > 0 && <DeletedThere removed={removed} answers={answers} onAnswers={setAnswers} />}
      <MergeNotes plan={plan} reading={reading} />
      {open > 0 && (
        <p className="mt-3 font-medium text-watch">
          {open === 1 ? 'One question is' : `${open} questions are`} still open above.
        </p>
      )}
      <TakingRow share={share} onStop={stop}>
        <Button
          weight="strong"
          disabled={open > 0 || (count === 0 && plan.singles.length === 0)}
          onClick={bring}
        >
          Import {count}
        </Button>
        <Button onClick={onDone}>Cancel</Button>
      </TakingRow>
    </>
  )
}

/** All as the backup has it: what came since is listed, and goes. */
function Restoring({ reading, kept, onDone }: PartProps) {
  const { share, take, stop } = useTaking(onDone)
  const { document } = reading
  const { plan, removed, taken } = useMemo(() => planRestore(kept.document, document), [kept, document])
  const lists = LIST_NAMES.map((name) => plan.lists[name])
  const [added, changed] = [
    lists.reduce((sum, list) => sum + list.added.length, 0),
    lists.reduce((sum, list) => sum + list.changed.length, 0),
  ]
  const nothing = added + changed + removed.length + plan.singles.length === 0
  return (
    <>
      <p className="text-lg" role="status">
        <b>{added}</b> to bring back, <b>{changed}</b> to change back, <b>{removed.length}</b> added since to
        delete
      </p>
      {plan.singles.length > 0 && (
        <p className="text-[0.92rem] text-faint">
          Also changed back: {plan.singles.map((name) => SINGLES[name].words.one).join(', ')}.
        </p>
      )}
      <Refused reading={reading} />
      <ChangeList plan={plan} removed={removed} guessed={undefined} />
      <TakingRow share={share} onStop={stop}>
        <Button
          weight="strong"
          disabled={nothing}
          onClick={() => take(taken, `Restore ${reading.name}`, `${reading.name} is restored`)}
        >
          {nothing ? 'Everything is as it was saved' : 'Restore this backup'}
        </Button>
        <Button onClick={onDone}>Cancel</Button>
      </TakingRow>
    </>
  )
}
