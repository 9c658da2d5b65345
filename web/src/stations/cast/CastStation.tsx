import {
  backCastIn,
  type CastChoice,
  type CastSetting,
  castToMake,
  chooseCasts,
  stepsOf,
} from '@hoxen/core/cast'
import type { Day, Stand } from '@hoxen/core/day'
import type { RankedRig } from '@hoxen/core/match'
import { castSettingOf, shotWith } from '@hoxen/core/rig'
import { sunAt } from '@hoxen/core/sky'
import type { Run } from '@hoxen/core/water'
import { sayBackCast } from '@hoxen/core/words'
import { Suspense, useMemo, useState } from 'react'
import { Gone, type Question, useQuestion, useRig } from '../../ledger/index.ts'
import { type Air, CautionStrip, changeAim, useAir } from '../../pool/index.ts'
import { changeKept, noticeFailed, useSingle, useStand } from '../../store/index.ts'
import { lazily, SaidText, Tag, useNow, useUnits } from '../../ui/index.ts'
import { AirLines } from './AirLines.tsx'
import { CastList, keyOf } from './CastList.tsx'
import { CastFaults, CastStep, PlayButtons } from './CastMoves.tsx'
import { LoopSide } from './LoopSide.tsx'
import { LoopsInHand } from './LoopsInHand.tsx'
import { PlaceForm } from './PlaceForm.tsx'
import { CastPicture } from './picture/CastPicture.tsx'
import type { Moved } from './picture/Handles.tsx'
import { usePlayed } from './picture/usePlayed.ts'
import { type ChangeStand, changeRoom, StandFields } from './StandFields.tsx'

const LeaveBy = lazily(() => import('./Beach.tsx').then((m) => m.LeaveBy))
const BeachClock = lazily(() => import('./Beach.tsx').then((m) => m.BeachClock))
const BeachMore = lazily(() => import('./Beach.tsx').then((m) => m.BeachMore))

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
  return <WithoutRig day={question.day} stand={stand} none={choice === null} />
}

interface WithoutRigProps {
  readonly day: Day
  readonly stand: Stand
  readonly none: boolean
}

/** When to leave a beach does not wait for a rig. */
function WithoutRig({ day, stand, none }: WithoutRigProps) {
  const beach = beachOf(day)
  return (
    <Suspense fallback={<HourComing />}>
      <h1 className="sr-only">Cast</h1>
      {day.water === 'surf' && beach === undefined && <NoBeach />}
      {beach !== undefined && <LeaveBy run={beach} stand={stand} />}
      {beach !== undefined && <BeachClock run={beach} stand={stand} />}
      <Gone none={none} level={2} />
      {beach !== undefined && <BeachMore run={beach} stand={stand} onChange={change} />}
    </Suspense>
  )
}

const NoBeach = () => (
  <p className="mb-4 border-l-4 border-rule pl-3 text-[0.95rem] text-faint">
    Choose or add a beach under Water to see its tide and when to leave.
  </p>
)

/** As high as what comes: nothing moves when it does. */
const HourComing = () => <p className="text-xl text-faint sm:text-2xl">Working out the tide…</p>
const ClockComing = () => <div className="mt-2 h-[204px] rounded-lg border border-rule bg-sheet" />

/** The beach that is fished, where it is one of the angler's own. */
const beachOf = (day: Day): Run | undefined =>
  day.water === 'surf' && day.where.by !== 'words' ? day.where.pool : undefined

interface Props {
  readonly question: Question
  readonly rig: RankedRig
  readonly stand: Stand
}

/** Bearing of the sun, clockwise from straight ahead [°]; undefined below the horizon or where the place is not known. */
function useSun({ spot }: Air): number | undefined {
  const now = useNow()
  if (spot === undefined) return undefined
  const { altitudeDeg, bearingDeg } = sunAt(spot, now)
  return altitudeDeg > 0 ? bearingDeg - spot.facesDeg : undefined
}

/** What of the picture can be moved: not what a pool, a tide or a station settles. */
const movable = (day: Day): Moved => ({
  aim: { angleDeg: day.plan.angleDeg, castM: day.castM },
  roomM: day.roomBehindM,
  ...(day.where.by === 'words' && { wadingM: day.wadingM }),
})

/** Keeps what a hand has moved. */
function move({ aim, roomM, behindHighM, wadingM }: Moved): void {
  if (aim !== undefined) changeAim(aim)
  if (roomM !== undefined) changeRoom(roomM)
  if (behindHighM !== undefined) change('its height', () => ({ behindHighM }))
  if (wadingM !== undefined) change('wading', () => ({ wadingM }))
}

function Cast({ question: { day }, rig, stand }: Props) {
  const [picked, setPicked] = useState<string>()
  const air = useAir(day, stand)
  const sunDeg = useSun(air)
  const setting = useMemo(() => castSettingOf(rig.parts, day), [rig, day])
  const casts = useMemo(() => chooseCasts(setting), [setting])
  const chosen = casts.find((each) => keyOf(each) === picked) ?? castToMake(casts)
  const played = usePlayed(chosen && keyOf(chosen), chosen === undefined ? 0 : stepsOf(chosen.cast).length)
  const shot = shotWith(rig.parts, rig.parts.runningLine, day)
  const now = useMemo(() => movable(day), [day])
  const surf = day.water === 'surf'
  const beach = beachOf(day)
  return (
    <>
      <Heading day={day} stand={stand} air={air} />
      <CastPicture
        setting={setting}
        chosen={chosen}
        castM={Math.min(day.castM, shot.castM)}
        surf={surf}
        played={played}
        sunDeg={sunDeg}
        onWind={air.wind.by === 'hand' ? turnWind : undefined}
        onBank={day.where.by === 'words' && !surf ? changeBank : undefined}
        now={now}
        onMove={move}
        controls={chosen !== undefined && <PlayButtons {...played} />}
        third={
          beach !== undefined && (
            <Suspense fallback={<ClockComing />}>
              <BeachClock run={beach} stand={stand} />
            </Suspense>
          )
        }
      >
        {chosen !== undefined && <CastStep choice={chosen} setting={setting} played={played} />}
        <CastList casts={casts} setting={setting} chosen={chosen} onPick={(one) => setPicked(keyOf(one))} />
        {chosen !== undefined && <CastFaults choice={chosen} setting={setting} played={played} />}
      </CastPicture>
      <Below {...{ day, stand, air, rig, setting, chosen, shot }} />
    </>
  )
}

interface HeadingProps {
  readonly day: Day
  readonly stand: Stand
  readonly air: Air
}

/** The page's name, or on a beach the hour to leave, and what to mind. */
function Heading({ day, stand, air }: HeadingProps) {
  const beach = beachOf(day)
  const surf = day.water === 'surf'
  return (
    <>
      <div className={`items-start gap-x-5 ${beach?.shore === undefined ? 'flex' : 'sm:flex'}`}>
        <h1 className={beach?.shore === undefined ? 'mb-1 shrink-0 text-xl sm:text-2xl' : 'sr-only'}>
          {surf ? 'On the beach' : 'At the pool'}
        </h1>
        {beach?.shore !== undefined && (
          <Suspense fallback={<HourComing />}>
            <LeaveBy run={beach} stand={stand} />
          </Suspense>
        )}
        <div className="min-w-0 flex-1">
          <CautionStrip day={day} stand={stand} air={air} />
        </div>
      </div>
      {surf && beach === undefined && <NoBeach />}
    </>
  )
}

interface BelowProps extends HeadingProps {
  readonly rig: RankedRig
  readonly setting: CastSetting
  readonly chosen: CastChoice | undefined
  readonly shot: ReturnType<typeof shotWith>
}

/** What stands below the picture: the air, what is set by figures, the beach, the line in the hand and behind. */
function Below({ day, stand, air, rig, setting, chosen, shot }: BelowProps) {
  const beach = beachOf(day)
  return (
    <>
      {beach !== undefined && (
        <Suspense>
          <BeachMore run={beach} stand={stand} onChange={change} />
        </Suspense>
      )}
      <div className="mt-4 grid grid-cols-[minmax(0,1fr)] items-start gap-x-8 lg:grid-cols-2">
        <div>
          <AirLines stand={stand} air={air} surf={day.water === 'surf'} />
          <details className="mt-2" open={chosen === undefined}>
            <summary className="min-h-11 cursor-pointer content-center font-semibold">Set by figures</summary>
            <StandFields stand={stand} day={day} air={air} onChange={change} />
          </details>
          {air.pool !== undefined && <PlaceForm key={air.pool.id} run={air.pool} />}
          <LoopsInHand shot={shot} parts={rig.parts} day={day} stand={stand} />
        </div>
        {chosen?.anchor === 'none' ? (
          <BackCast setting={setting} />
        ) : (
          <LoopSide
            setting={setting}
            parts={rig.parts}
            stroke={chosen?.reasons.includes('compact-stroke') ? 'compact' : 'full'}
          />
        )}
      </div>
    </>
  )
}

/** How far the back cast reaches and how low it comes. */
function BackCast({ setting }: { readonly setting: CastSetting }) {
  const { system } = useUnits()
  const { lineM, lowM } = backCastIn(setting)
  return (
    <section aria-labelledby="back-title">
      <h2 id="back-title" className="text-xl">
        The back cast <Tag tag="estimate" />
      </h2>
      <p>
        <SaidText said={sayBackCast(lineM, lowM, setting.wadingM ?? 0, system)} />
      </p>
    </section>
  )
}

const changeBank = (): void => change('bank', (now) => ({ bank: now.bank === 'right' ? 'left' : 'right' }))

const turnWind = (turned: (fromDeg: number) => number): void =>
  change('wind', (now) => ({ wind: { ...now.wind, fromDeg: turned(now.wind.fromDeg) } }))
