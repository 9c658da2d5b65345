import type { Gear, Item } from '@hoxen/core/gear'
import {
  atHome,
  contradictionOf,
  countsOf,
  type Kit,
  mostMissing,
  type Trip,
  type TripAbout,
  type TripFound,
  worthBorrowing,
} from '@hoxen/core/trip'
import {
  sayContradiction,
  sayFalls,
  sayFly,
  sayHowSure,
  sayKit,
  sayMissing,
  sayTripProblem,
} from '@hoxen/core/words'
import { useMemo, useState } from 'react'
import { useDay } from '../../day/index.ts'
import { useList, useSettings, useWallet } from '../../store/index.ts'
import { Button, Failed, SaidText, useUnits } from '../../ui/index.ts'
import { Days } from './Days.tsx'
import { KitPicture } from './KitPicture.tsx'
import { LimitsForm } from './LimitsForm.tsx'
import { Chosen, Matrix } from './Matrix.tsx'
import { Packing } from './Packing.tsx'
import { Stairs } from './Stairs.tsx'
import { type Plan, usePlan, useWithLent } from './usePlan.ts'
import { type TripAnswer, useTripAnswer } from './useTripAnswer.ts'
import { changeTrip } from './useTrips.ts'

interface Props {
  readonly trip: Trip
  readonly about: TripAbout
}

const NOTHING: readonly string[] = []

/** A trip's answer: what the kit covers, what each size would, the kit itself, and the days. */
export function TripPage({ trip, about }: Props) {
  const { system } = useUnits()
  const answer = useTripAnswer(trip, about)
  const { found, kit } = answer
  const contradiction = contradictionOf(about.gear, trip.limits ?? {})
  const name = (id: string): string => about.gear.items.find((item) => item.id === id)?.name ?? id
  return (
    <>
      {contradiction !== undefined && (
        <p role="alert" className="my-2 border-l-4 border-breaks pl-3 font-medium text-breaks">
          {sayContradiction(contradiction, name)}
        </p>
      )}
      {found?.problems.map((problem) => (
        <p key={JSON.stringify(problem)} className="my-1 border-l-4 border-watch pl-3 text-[0.95rem]">
          {sayTripProblem(problem, system)}
        </p>
      ))}
      {found === undefined || kit === undefined ? (
        <Searching answer={answer} />
      ) : (
        <Answered trip={trip} about={about} answer={answer} found={found} kit={kit} />
      )}
      <LimitsForm trip={trip} items={about.gear.items} />
      <LeftAtHome trip={trip} name={name} />
    </>
  )
}

/** Until there is a first kit. */
function Searching({ answer: { share, error, retry } }: { readonly answer: TripAnswer }) {
  if (error !== null) return <Failed error={error} retry={retry} />
  return (
    <p role="status" className="my-6 min-h-6 text-faint">
      Swinging the rigs that might do…
      <progress value={share} max={1} className="ml-3 h-1 w-48" aria-label="Share of the trip worked out" />
    </p>
  )
}

interface AnsweredProps extends Props {
  readonly answer: TripAnswer
  readonly found: TripFound
  readonly kit: Kit
}

/** What of the kit is looked at: a size of it, a cell of the matrix, a thing pointed at. */
function useLooked() {
  const [viewed, setViewed] = useState<number>()
  const [chosen, setChosen] = useState<string>()
  const [lit, setLit] = useState<string>()
  return { viewed, setViewed, chosen, setChosen, lit, setLit }
}

/** The kit that is looked at: the best one, or that of a size. */
function Answered({ trip, about, answer, found, kit }: AnsweredProps) {
  const wallet = useWallet()
  const { viewed, setViewed, chosen, setChosen, lit, setLit } = useLooked()
  const { steps, stale, lent, error } = answer
  const gear = useWithLent(about.gear, lent)
  const ids = steps.find(({ items }) => items === viewed)?.ids ?? kit.ids
  const plan = usePlan(trip, about, gear, found.covered, ids.length > 0 ? ids : NOTHING, wallet)
  const poolName = (id: string): string => about.runs.find((run) => run.id === id)?.name ?? id
  const leave = ({ id, name }: Item): void => {
    // It goes without being left.
    setLit(undefined)
    changeTrip(`Leave ${name} at home`, trip, (now) => atHome(now, id, true))
  }
  return (
    <div className="flex flex-col">
      <Verdict plan={plan} found={found} kit={kit} answer={answer} />
      {error !== null && <Failed error={error} retry={answer.retry} />}
      <div className="grid grid-cols-[minmax(0,1fr)] gap-x-6 gap-y-3 lg:grid-cols-[minmax(0,1fr)_27rem]">
        <div>
          <Matrix rows={plan.rows} byId={plan.byId} lit={lit} chosen={chosen} onChoose={setChosen} />
          <div className="min-h-14">
            <UnderMatrix plan={plan} found={found} lit={lit} chosen={chosen} />
          </div>
        </div>
        <div className="flex flex-col gap-y-2">
          <Stairs
            steps={steps}
            stale={stale}
            best={{ items: kit.ids.length, weight: kit.weight, ids: kit.ids }}
            covered={found.covered}
            of={plan.weight[1]}
            viewed={viewed}
            onView={setViewed}
          />
          <KitPicture packed={plan.packed} uses={plan.uses} onPoint={setLit} onLeave={leave} />
        </div>
      </div>
      <div className="mt-4 max-lg:-order-1 max-lg:mt-0 max-lg:mb-4">
        <Days days={plan.days} poolName={poolName} byId={plan.byId} />
      </div>
      <More trip={trip} plan={plan} gear={gear} poolName={poolName} />
    </div>
  )
}

interface UnderProps extends Pick<ReturnType<typeof useLooked>, 'lit' | 'chosen'> {
  readonly plan: Plan
  readonly found: TripFound
}

/** The chosen cell, or what would fall without the thing that is pointed at. */
function UnderMatrix({ plan, found, lit, chosen }: UnderProps) {
  const { system } = useUnits()
  if (lit !== undefined)
    return (
      <p id="falls" className="text-[0.95rem]">
        {sayFalls(plan.fallsWithout(lit), system)}
      </p>
    )
  const marks = plan.rows.flatMap(({ cells }) => cells.flatMap((cell) => cell.marks))
  return (
    <Chosen
      mark={marks.find(({ covered }) => covered.demand.id === chosen)}
      flies={[...new Set(found.covered.map(({ demand: { fly } }) => fly.name ?? sayFly(fly.shape)))]}
      byId={plan.byId}
    />
  )
}

/** What the kit comes to, how sure that is, and what one more thing would add. */
function Verdict({
  plan,
  found,
  kit,
  answer,
}: { readonly plan: Plan } & Omit<AnsweredProps, 'trip' | 'about'>) {
  const { system } = useUnits()
  const { weight, byId } = plan
  const first = mostMissing(found.covered, answer.missing ?? [])
  return (
    <div className="mb-2 max-lg:-order-2" data-verdict data-proven={found.proven}>
      <p className="text-[1.1rem]">
        <SaidText said={sayKit(weight[0], weight[1], countsOf(plan.kit, byId))} />{' '}
        <span className="text-[0.9rem] text-faint" role="status">
          {sayHowSure({ ...found, kit }, answer.looking)}
        </span>
      </p>
      {first !== undefined && (
        <p className="text-[0.95rem]" data-missing>
          <SaidText said={sayMissing(first.item, first.adds, first.open, system)} />
        </p>
      )}
    </div>
  )
}

interface MoreProps {
  readonly trip: Trip
  readonly plan: Plan
  readonly gear: Gear
  readonly poolName: (id: string) => string
}

/** What to pack and to borrow, from what trials and bends have taught. */
function More({ trip, plan, gear, poolName }: MoreProps) {
  const day = useDay()
  const trials = useList('trials')
  const bends = useList('bends')
  const { castsAs } = useSettings()
  const borrow = useMemo(
    () =>
      day === undefined || trials === undefined || bends === undefined
        ? []
        : worthBorrowing(
            gear,
            plan.kit,
            { trials, bends, caster: castsAs },
            { schools: day.schools, caster: day.caster, own: day.own },
          ),
    [day, trials, bends, castsAs, gear, plan.kit],
  )
  return <Packing trip={trip} gear={gear} {...plan} borrow={borrow} poolName={poolName} />
}

/** Things told to stay at home, each to be brought again. */
function LeftAtHome({ trip, name }: { readonly trip: Trip; readonly name: (id: string) => string }) {
  const home = trip.limits?.home ?? []
  if (home.length === 0) return null
  return (
    <p className="mt-2 flex flex-wrap items-center gap-x-3" data-home>
      <span className="text-faint">Left at home:</span>
      {home.map((id) => (
        <Button
          key={id}
          weight="quiet"
          onClick={() => changeTrip(`Bring ${name(id)}`, trip, (now) => atHome(now, id, false))}
        >
          Bring {name(id)}
        </Button>
      ))}
    </p>
  )
}
