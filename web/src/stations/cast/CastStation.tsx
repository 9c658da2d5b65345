import { type CastChoice, type CastSetting, castToMake, chooseCasts, type Fit } from '@hoxen/core/cast'
import type { Day, Stand } from '@hoxen/core/day'
import type { RankedRig } from '@hoxen/core/match'
import { castSettingOf, shotWith } from '@hoxen/core/rig'
import { sunAt } from '@hoxen/core/sky'
import { ANCHOR_NAMES, CAST_TITLES, sayCast } from '@hoxen/core/words'
import { type ReactNode, Suspense, useMemo, useState } from 'react'
import { Gone, type Question, useQuestion, useRig } from '../../ledger/index.ts'
import { type Air, CautionStrip, useAir } from '../../pool/index.ts'
import { changeKept, noticeFailed, useSingle, useStand } from '../../store/index.ts'
import { lazily, useNow, useUnits } from '../../ui/index.ts'
import { AirLines } from './AirLines.tsx'
import { BackCastSide } from './BackCastSide.tsx'
import { CastMoves } from './CastMoves.tsx'
import { CastPlan } from './CastPlan.tsx'
import { LoopSide } from './LoopSide.tsx'
import { LoopsInHand } from './LoopsInHand.tsx'
import { PlaceForm } from './PlaceForm.tsx'
import { type ChangeStand, StandFields } from './StandFields.tsx'

const Beach = lazily(() => import('./Beach.tsx').then((m) => m.Beach))

/** Changes of where one stands; what is set to nothing is no longer kept. */
const change: ChangeStand = (label, next) =>
  void changeKept(`Cast: ${label}`, 'stand', (now) => {
    const all = Object.entries({ ...now, ...next(now) }).filter(([, value]) => value !== undefined)
    return Object.fromEntries(all) as unknown as Stand
  }).catch(noticeFailed)

/** Casts that are safe and possible with this rig, here and in this wind. */
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
      <OnBeach day={question.day} stand={stand} />
      <Gone none={choice === null} level={2} />
    </>
  )
}

/** The tide, where the pool of the day is a beach. */
function OnBeach({ day, stand }: { readonly day: Day; readonly stand: Stand }) {
  if (day.water !== 'surf') return null
  if (day.where.by === 'words')
    return (
      <p className="mb-4 border-l-4 border-rule pl-3 text-[0.95rem] text-faint">
        Choose or add a beach under Water to see its tide and when to leave.
      </p>
    )
  return (
    <Suspense fallback={<p className="py-4 text-faint">Working out the tide…</p>}>
      <Beach run={day.where.pool} stand={stand} onChange={change} />
    </Suspense>
  )
}

interface Props {
  readonly question: Question
  readonly rig: RankedRig
  readonly stand: Stand
}

const keyOf = ({ cast, side }: CastChoice): string => `${cast} ${side}`

/** Bearing of the sun, clockwise from straight ahead [°]; undefined below the horizon or where the place is not known. */
function useSun({ spot }: Air): number | undefined {
  const now = useNow()
  if (spot === undefined) return undefined
  const { altitudeDeg, bearingDeg } = sunAt(spot, now)
  return altitudeDeg > 0 ? bearingDeg - spot.facesDeg : undefined
}

function Cast({ question: { day }, rig, stand }: Props) {
  const [picked, setPicked] = useState<string>()
  const air = useAir(day, stand)
  const sunDeg = useSun(air)
  const { wind } = air
  const setting = useMemo(() => castSettingOf(rig.parts, day), [rig, day])
  const casts = useMemo(() => chooseCasts(setting), [setting])
  const chosen = casts.find((each) => keyOf(each) === picked) ?? castToMake(casts)
  const shot = shotWith(rig.parts, rig.parts.runningLine, day)
  const castM = Math.min(day.castM, shot.castM)
  const surf = day.water === 'surf'
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-x-8 lg:grid-cols-[minmax(0,30rem)_minmax(0,1fr)]">
      <div className="lg:col-start-2 lg:row-start-1">
        <h1 id="cast-title" className="mb-1.5 text-2xl">
          {surf ? 'On the beach' : 'At the pool'}
        </h1>
        <OnBeach day={day} stand={stand} />
      </div>
      <div className="min-w-0 lg:col-start-2 lg:row-start-2">
        <CautionStrip day={day} stand={stand} air={air} />
        <Casts casts={casts} setting={setting} chosen={chosen} onPick={(one) => setPicked(keyOf(one))} />
        {chosen !== undefined && (
          <CastMoves key={keyOf(chosen)} choice={chosen} setting={setting} castM={castM} />
        )}
        {chosen?.anchor === 'none' ? (
          <BackCastSide setting={setting} />
        ) : (
          <LoopSide
            setting={setting}
            parts={rig.parts}
            stroke={chosen?.reasons.includes('compact-stroke') ? 'compact' : 'full'}
          />
        )}
        <LoopsInHand shot={shot} parts={rig.parts} day={day} stand={stand} />
      </div>
      <section
        aria-labelledby="cast-title"
        className="mt-4 mb-6 lg:col-start-1 lg:mt-0 lg:row-span-2 lg:row-start-1"
      >
        <CastPlan
          setting={setting}
          chosen={chosen}
          castM={castM}
          surf={surf}
          sunDeg={sunDeg}
          onWind={
            wind.by === 'hand'
              ? (turned) =>
                  change('wind', (now) => ({ wind: { ...now.wind, fromDeg: turned(now.wind.fromDeg) } }))
              : undefined
          }
        />
        <AirLines stand={stand} air={air} surf={surf} />
        <StandFields stand={stand} day={day} air={air} onChange={change} />
        {air.pool !== undefined && <PlaceForm key={air.pool.id} run={air.pool} />}
      </section>
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
  ['no', 'Ruled out', 'text-breaks'],
] as const

/** The casts in order of fitness; those that are out are named with their reason. */
function Casts({ casts, setting, chosen, onPick }: CastsProps) {
  const none = castToMake(casts) === undefined
  return (
    <section aria-labelledby="casts-title">
      <h2 id="casts-title" className="sr-only">
        Casts
      </h2>
      {none && (
        <p
          role="status"
          data-none
          className="mb-3 border-l-4 border-breaks pl-3 text-xl font-semibold text-breaks"
        >
          No cast is safe here right now: turn, wade, wait, or shorten up.
        </p>
      )}
      {FITS.map(([fit, title, colour]) => {
        const some = casts.filter((each) => each.fit === fit)
        if (some.length === 0)
          return fit === 'good' && !none ? (
            <p key={fit} className="mb-3 font-medium text-watch">
              No cast is good here without care: turn, wade, wait, or shorten up.
            </p>
          ) : null
        return (
          <FitGroup
            key={fit}
            fit={fit}
            title={`${title}${fit === 'no' ? ` (${some.length})` : ''}`}
            colour={colour}
            open={none}
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
  /** Nothing else is to be seen. */
  readonly open: boolean
  readonly children: ReactNode
}

/** Casts of one fitness; what is out is folded away. */
function FitGroup({ fit, title, colour, open, children }: GroupProps) {
  const list = (
    <ul className="grid gap-2 sm:grid-cols-2" data-fit={fit}>
      {children}
    </ul>
  )
  return fit === 'no' ? (
    <details className="mb-4" open={open}>
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
