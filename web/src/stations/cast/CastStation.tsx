import { type CastChoice, type CastSetting, chooseCasts, type Fit } from '@hoxen/core/cast'
import type { Day, Stand } from '@hoxen/core/day'
import type { RankedRig } from '@hoxen/core/match'
import { castSettingOf, shotWith } from '@hoxen/core/rig'
import { ANCHOR_NAMES, CAST_TITLES, sayCast } from '@hoxen/core/words'
import { lazy, type ReactNode, Suspense, useMemo, useState } from 'react'
import { Gone, type Question, useQuestion, useRig } from '../../ledger/index.ts'
import { changeKept, noticeFailed, useSingle, useStand } from '../../store/index.ts'
import { useUnits } from '../../ui/index.ts'
import { CastMoves } from './CastMoves.tsx'
import { CastPlan } from './CastPlan.tsx'
import { LoopSide } from './LoopSide.tsx'
import { LoopsInHand } from './LoopsInHand.tsx'
import { type ChangeStand, StandFields } from './StandFields.tsx'

const Beach = lazy(() => import('./Beach.tsx').then((m) => ({ default: m.Beach })))

/** Which casts are safe and possible with this rig, here and in this wind. */
export function CastStation() {
  const choice = useSingle('rig')
  const stand = useStand()
  const question = useQuestion()
  const rig = useRig(question, choice)
  if (choice === undefined || stand === undefined || question === undefined)
    return <p className="py-10 text-faint">Opening…</p>
  if (choice !== null && rig !== undefined && rig !== 'gone')
    return <Cast question={question} rig={rig} stand={stand} />
  // When to leave a beach does not wait for a rig.
  return (
    <>
      <h1 className="sr-only">Cast</h1>
      <OnBeach day={question.day} />
      <Gone none={choice === null} level={2} />
    </>
  )
}

/** The tide, where the pool of the day is a beach that knows it. */
function OnBeach({ day }: { readonly day: Day }) {
  const shore = day.water === 'surf' && day.where.by === 'pool' ? day.run.shore : undefined
  return shore === undefined ? null : (
    <Suspense fallback={<p className="py-4 text-faint">Working out the tide…</p>}>
      <Beach shore={shore} />
    </Suspense>
  )
}

interface Props {
  readonly question: Question
  readonly rig: RankedRig
  readonly stand: Stand
}

const keyOf = ({ cast, side }: CastChoice): string => `${cast} ${side}`

function Cast({ question: { day }, rig, stand }: Props) {
  const [picked, setPicked] = useState<string>()
  const setting = useMemo(() => castSettingOf(rig.parts, day, stand), [rig, day, stand])
  const casts = useMemo(() => chooseCasts(setting), [setting])
  const chosen = casts.find((each) => keyOf(each) === picked) ?? casts[0]
  const shot = shotWith(rig.parts, rig.parts.runningLine)
  const change: ChangeStand = (label, next) =>
    void changeKept(`Cast: ${label}`, 'stand', (now) => ({ ...now, ...next(now) })).catch(noticeFailed)
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-x-8 lg:grid-cols-[minmax(0,30rem)_minmax(0,1fr)]">
      <div className="lg:col-start-2 lg:row-start-1">
        <OnBeach day={day} />
      </div>
      <section aria-labelledby="cast-title" className="mb-6 lg:col-start-1 lg:row-span-2 lg:row-start-1">
        <h1 id="cast-title" className="text-2xl">
          {day.water === 'surf' ? 'On the beach' : 'At the pool'}
        </h1>
        <CastPlan
          setting={setting}
          chosen={chosen}
          castM={Math.min(day.castM, shot.castM)}
          surf={day.water === 'surf'}
          onWind={(turned) =>
            change('wind', ({ wind }) => ({ wind: { ...wind, fromDeg: turned(wind.fromDeg) } }))
          }
        />
        <StandFields stand={stand} day={day} onChange={change} />
      </section>
      <div className="min-w-0 lg:col-start-2 lg:row-start-2">
        <Casts casts={casts} setting={setting} chosen={chosen} onPick={(one) => setPicked(keyOf(one))} />
        {chosen !== undefined && (
          <CastMoves
            key={keyOf(chosen)}
            choice={chosen}
            setting={setting}
            castM={Math.min(day.castM, shot.castM)}
          />
        )}
        <LoopSide setting={setting} parts={rig.parts} />
        <LoopsInHand shot={shot} parts={rig.parts} castM={day.castM} />
      </div>
    </div>
  )
}

interface CastsProps {
  readonly casts: readonly CastChoice[]
  readonly setting: CastSetting
  readonly chosen: CastChoice | undefined
  readonly onPick: (choice: CastChoice) => void
}

const FITS = [
  ['good', 'Good here', 'text-holds'],
  ['care', 'With care', 'text-watch'],
  ['no', 'Not here, not now', 'text-breaks'],
] as const

/** The casts in order of fitness; those that are out are named with their reason. */
function Casts({ casts, setting, chosen, onPick }: CastsProps) {
  return (
    <section aria-labelledby="casts-title">
      <h2 id="casts-title" className="sr-only">
        Casts
      </h2>
      {FITS.map(([fit, title, colour]) => {
        const some = casts.filter((each) => each.fit === fit)
        if (some.length === 0)
          return fit === 'good' ? (
            <p key={fit} className="mb-3 font-medium text-watch">
              No cast is simply good here: turn, wade, wait or shorten.
            </p>
          ) : null
        return (
          <FitGroup
            key={fit}
            fit={fit}
            title={`${title}${fit === 'no' ? `: ${some.length}` : ''}`}
            colour={colour}
          >
            {some.map((each) => (
              <CastCard
                key={keyOf(each)}
                choice={each}
                setting={setting}
                chosen={chosen !== undefined && keyOf(chosen) === keyOf(each)}
                onPick={() => onPick(each)}
              />
            ))}
          </FitGroup>
        )
      })}
    </section>
  )
}

interface GroupProps {
  readonly fit: Fit
  readonly title: string
  readonly colour: string
  readonly children: ReactNode
}

/** Casts of one fitness; what is out is folded away. */
function FitGroup({ fit, title, colour, children }: GroupProps) {
  const list = (
    <ul className="grid gap-2 sm:grid-cols-2" data-fit={fit}>
      {children}
    </ul>
  )
  return fit === 'no' ? (
    <details className="mb-4">
      <summary className={`min-h-11 cursor-pointer content-center font-semibold ${colour}`}>{title}</summary>
      {list}
    </details>
  ) : (
    <div className="mb-4">
      <h3 className={`mb-1 font-semibold ${colour}`}>{title}</h3>
      {list}
    </div>
  )
}

interface CardProps {
  readonly choice: CastChoice
  readonly setting: CastSetting
  readonly chosen: boolean
  readonly onPick: () => void
}

function CastCard({ choice, setting, chosen, onPick }: CardProps) {
  const { system } = useUnits()
  const { cast, side, anchor } = choice
  const said = sayCast(choice, setting, system)
  return (
    <li>
      <button
        type="button"
        aria-pressed={chosen}
        onClick={onPick}
        data-cast={`${cast} ${side}`}
        className="flex h-full w-full flex-col rounded-lg border border-rule bg-sheet px-3 py-2 text-left aria-pressed:border-river aria-pressed:ring-1 aria-pressed:ring-river"
      >
        <span className="flex flex-wrap items-baseline justify-between gap-x-3">
          <b className="font-display text-[1.05rem] font-semibold">{CAST_TITLES[cast]}</b>
          <span className="text-[0.85rem] text-faint">
            {side} side · {ANCHOR_NAMES[anchor]}
          </span>
        </span>
        {said.map((sentence) => (
          <span key={sentence} className="mt-0.5 block text-[0.92rem]">
            {sentence}
          </span>
        ))}
      </button>
    </li>
  )
}
