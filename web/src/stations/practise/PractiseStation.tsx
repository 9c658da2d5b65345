import { ROUND_KINDS, type RoundKind, type Standing, standingsOf } from '@hoxen/core/practise'
import { FIRST_SEASON, ROUND_NAMES, sayStanding } from '@hoxen/core/words'
import { Link, useSearchParams } from 'react-router'
import { commit, noticeFailed, useList } from '../../store/index.ts'
import { Button, buttonLook } from '../../ui/index.ts'
import { Sitting } from './Sitting.tsx'
import { StepPage } from './StepPage.tsx'

/** Judgement trained: rounds that ask first and show after, a path through a first season, and how one stands. */
export function PractiseStation() {
  const [params, setParams] = useSearchParams()
  const step = FIRST_SEASON.find(({ id }) => id === params.get('step'))
  if (step !== undefined) return <StepPage key={step.id} step={step} />
  const asked = params.get('ask')
  const kind = ROUND_KINDS.find((each) => each === asked)
  if (kind !== undefined || asked === ALL)
    return <Sitting key={asked} kinds={kind && [kind]} onDone={() => setParams({})} />
  return <Start onStart={(ask) => setParams({ ask })} />
}
/** Every kind, as the address says it. */
const ALL = 'all'

function Start({ onStart }: { readonly onStart: (ask: RoundKind | typeof ALL) => void }) {
  const cards = useList('practised')
  if (cards === undefined) return <p className="py-10 text-faint">Opening…</p>
  const standings = standingsOf(cards, Date.now())
  const due = standings.reduce((sum, each) => sum + each.due, 0)
  return (
    <div className="mx-auto max-w-3xl">
      <h1 className="text-2xl">Practise</h1>
      <p>
        Ten questions, a minute or two. Hoxen asks first, then shows; the river takes a season to say the
        same.
      </p>
      <p className="mt-3">
        <Button weight="strong" onClick={() => onStart(ALL)}>
          Ten questions
        </Button>
        {due > 0 && (
          <span className="ml-3 text-[0.95rem] text-faint">
            {due} that went wrong {due === 1 ? 'comes' : 'come'} again among them.
          </span>
        )}
      </p>
      <h2 className="mt-5 text-[1.2rem]">One kind at a time</h2>
      <ul className="divide-y divide-rule border-y border-rule">
        {standings.map((standing) => (
          <KindRow key={standing.kind} standing={standing} onStart={() => onStart(standing.kind)} />
        ))}
      </ul>
      <Season />
      {cards.length > 0 && (
        <Button
          weight="quiet"
          className="mt-3"
          onClick={() =>
            void commit('Forget the rounds practised', (tx) =>
              tx.remove(
                'practised',
                cards.map(({ id }) => id),
              ),
            ).catch(noticeFailed)
          }
        >
          Forget my answers
        </Button>
      )}
    </div>
  )
}

/** One kind: how one stands in it, as a bar of what was right, and how often one was sure and wrong. */
function KindRow({ standing, onStart }: { readonly standing: Standing; readonly onStart: () => void }) {
  const { kind, asked, right, sureWrong, level } = standing
  return (
    <li
      className="grid grid-cols-[minmax(0,1fr)_auto] items-center gap-x-3 py-1.5 sm:grid-cols-[10rem_minmax(0,1fr)_auto]"
      data-kind={kind}
    >
      <b className="font-semibold">{ROUND_NAMES[kind]}</b>
      <span className="flex items-center gap-2 text-[0.9rem] text-faint max-sm:order-3 max-sm:col-span-2">
        <svg width="110" height="12" aria-hidden="true" className="shrink-0">
          <rect x="0.5" y="0.5" width="109" height="11" fill="none" stroke="var(--rule)" />
          {asked > 0 && <rect x="1" y="1" width={(108 * right) / asked} height="10" fill="var(--holds)" />}
          {sureWrong > 0 && (
            <rect
              x={109 - (108 * Math.min(asked, sureWrong)) / asked}
              y="1"
              width={(108 * Math.min(asked, sureWrong)) / asked}
              height="10"
              fill="var(--breaks)"
            />
          )}
        </svg>
        {sayStanding(asked, right, sureWrong)}
        {asked > 0 && ` · level ${level} of ${LEVELS}`}
      </span>
      <Button onClick={onStart} aria-label={`Ask me: ${ROUND_NAMES[kind]}`}>
        Ask me
      </Button>
    </li>
  )
}
const LEVELS = 3

function Season() {
  return (
    <>
      <h2 className="mt-5 text-[1.2rem]">A first season</h2>
      <ol className="grid gap-1.5 sm:grid-cols-2">
        {FIRST_SEASON.map(({ id, title }, i) => (
          <li key={id}>
            <Link to={`/practise?step=${id}`} className={`${buttonLook('plain')} w-full justify-start`}>
              {i + 1}. {title}
            </Link>
          </li>
        ))}
      </ol>
    </>
  )
}
