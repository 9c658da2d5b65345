import { itemsOf, type Reel } from '@hoxen/core/gear'
import type { RankedRig } from '@hoxen/core/match'
import { backingWantedM, nearestReel, reelForBalance, usualHandle } from '@hoxen/core/reel'
import { BALANCES, balanceOf, beamOf, lineInRings, loadsOn } from '@hoxen/core/rig'
import { sayBalancePoint, sayBalancing, sayClosestReel } from '@hoxen/core/words'
import { useState } from 'react'
import { Link } from 'react-router'
import type { Question } from '../../ledger/index.ts'
import { buttonLook, QuantityField, SaidText, Tag, useUnits } from '../../ui/index.ts'
import { BeamPicture } from './BeamPicture.tsx'

interface Props {
  readonly rig: RankedRig
  readonly question: Question
  readonly reel: Reel | undefined
}

/** The rod as a beam: which reel balances it at the chosen hand, and which of yours comes closest. */
export function BalanceBench(props: Props) {
  const { rod } = props.rig.parts
  const beam = beamOf(props.rig.parts)
  if (beam !== undefined) return <Balanced {...props} beam={beam} />
  return (
    <p>
      Weigh the bare rod and find where it balances on a finger; Hoxen works out the reel.{' '}
      <Link to={`/gear/item/${rod.id}`} className={buttonLook('quiet')}>
        Add weight and balance point
      </Link>
    </p>
  )
}

interface BalancedProps extends Props {
  readonly beam: NonNullable<ReturnType<typeof beamOf>>
}

const LOAD_NAMES = { rod: 'rod', line: 'line in the guides', reel: 'reel and line' } as const

/** What weighs on the beam and where it balances, held at this hand. */
function balancedAt({ rig, question, reel, beam }: BalancedProps, handM: number) {
  const parts = { ...rig.parts, reel: reel ?? null }
  const { low: backingM } = backingWantedM(parts.rod, question.day.fishKg)
  return {
    result: reelForBalance(beam, handM, lineInRings(parts, beam.reelSeatM)),
    pointM: balanceOf(parts, undefined, backingM, handM)?.pointM,
    loads: loadsOn(beam, parts, backingM).map(({ of, ...load }) => ({ ...load, name: LOAD_NAMES[of] })),
  }
}

function Balanced(props: BalancedProps) {
  const { rig, question, reel, beam } = props
  const { system } = useUnits()
  const { rod } = rig.parts
  const [putM, setPutM] = useState(usualHandle(rod).handM)
  const [heldM, setHeldM] = useState<number>()
  const handM = heldM ?? putM
  const { result, pointM, loads } = balancedAt(props, handM)
  const light = question.day.schools.reelWeight === 'light'
  return (
    <div>
      <BeamPicture
        rod={rod}
        seatM={beam.reelSeatM}
        handM={handM}
        bareM={beam.balanceM}
        pointM={pointM}
        loads={loads}
        band={light ? undefined : { low: handM - BALANCES.behindM, high: handM + BALANCES.aheadM }}
        onHand={setPutM}
        onHold={setHeldM}
      />
      <div className="mt-2 max-w-xs">
        <QuantityField
          label="Upper hand, from the butt"
          measure="length"
          value={handM}
          onChange={setPutM}
          refuse={(m) => (m >= rod.lengthM ? 'The hand must be on the rod.' : undefined)}
        />
      </div>
      <p className="mt-2 text-lg" data-balance={result.outcome}>
        <SaidText said={sayBalancing(result, system)} /> <Tag tag="physics" />
      </p>
      {pointM !== undefined && reel !== undefined && <p>{sayBalancePoint(reel, pointM, handM, system)}</p>}
      {result.outcome === 'balanced' && <ClosestReel question={question} wantedKg={result.reelKg} />}
    </div>
  )
}

/** Which of one's reels comes closest to the one wanted. */
function ClosestReel({ question, wantedKg }: { readonly question: Question; readonly wantedKg: number }) {
  const { system } = useUnits()
  const closest = nearestReel(itemsOf(question.gear, 'reel'), wantedKg)
  if (closest === undefined) return null
  return <p>{sayClosestReel(closest, question.day.schools.reelWeight, system)}</p>
}
