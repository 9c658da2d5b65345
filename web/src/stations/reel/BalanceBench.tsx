import { itemsOf, type Reel, type Rod } from '@hoxen/core/gear'
import type { RankedRig } from '@hoxen/core/match'
import { backingWantedM, reelForBalance, usualHandle } from '@hoxen/core/reel'
import { balanceOf, beamOf, lineInRings } from '@hoxen/core/rig'
import { useState } from 'react'
import { Link } from 'react-router'
import type { Question } from '../../ledger/index.ts'
import { buttonLook, QuantityField, Tag, useUnits } from '../../ui/index.ts'

/** The rod as a beam: which reel balances it at the chosen hand, and which of yours comes closest. */
export function BalanceBench({
  rig,
  question,
  reel,
}: {
  readonly rig: RankedRig
  readonly question: Question
  readonly reel: Reel | undefined
}) {
  const { show } = useUnits()
  const { rod } = rig.parts
  const usual = usualHandle(rod)
  const [handM, setHandM] = useState(usual.handM)
  const beam = beamOf(rig.parts)
  if (beam === undefined)
    return (
      <p>
        Weigh the bare rod and find where it balances on a finger, and Hoxen works out the reel.{' '}
        <Link to={`/gear/item/${rod.id}`} className={buttonLook('quiet')}>
          Add mass and balance point
        </Link>
      </p>
    )
  const hung = lineInRings(rig.parts, beam.reelSeatM)
  const result = reelForBalance(beam, handM, hung)
  const reels = itemsOf(question.gear, 'reel').filter(
    (r): r is Reel & { massKg: number } => r.massKg !== undefined,
  )
  const wanted = result.outcome === 'balanced' ? result.reelKg : 0
  const closest = [...reels].sort((a, b) => Math.abs(a.massKg - wanted) - Math.abs(b.massKg - wanted))[0]
  const { low: backingM } = backingWantedM(rod, question.day.fishKg)
  const point = balanceOf({ ...rig.parts, reel: reel ?? null }, undefined, backingM, handM)?.pointM
  return (
    <div className="max-w-4xl">
      <Beam rod={rod} seatM={beam.reelSeatM} handM={handM} bareM={beam.balanceM} pointM={point} />
      <div className="mt-2 max-w-xs">
        <QuantityField
          label="Upper hand, from the butt"
          measure="length"
          value={handM}
          onChange={setHandM}
          refuse={(m) => (m >= rod.lengthM ? 'The hand must be on the rod.' : undefined)}
        />
      </div>
      <p className="mt-2 text-lg" data-balance={result.outcome}>
        {result.outcome === 'balanced' ? (
          <>
            A reel of <b>{show(result.reelKg, 'gearMass')}</b>, line and all, balances it at the hand.{' '}
            <Tag tag="physics" />
          </>
        ) : result.outcome === 'no-lever' ? (
          'The reel sits at or ahead of the hand: no reel can balance the rod there.'
        ) : (
          'The rod is butt-heavy at this hand without any reel.'
        )}
      </p>
      {point !== undefined && reel !== undefined && (
        <p>
          With {reel.name}, filled, it balances {show(point, 'length')} from the butt,{' '}
          {show(Math.abs(point - handM), 'length')} {point > handM ? 'ahead of' : 'behind'} the hand.
        </p>
      )}
      {closest !== undefined && result.outcome === 'balanced' && (
        <p>
          Of yours, {closest.name} ({show(closest.massKg, 'gearMass')}) comes closest.{' '}
          {question.day.schools.reelWeight === 'heavy'
            ? 'You like it heavy: of two near ones take the heavier.'
            : 'You like it light: of two near ones take the lighter.'}
        </p>
      )}
    </div>
  )
}

interface BeamProps {
  readonly rod: Rod
  readonly seatM: number
  readonly handM: number
  readonly bareM: number
  readonly pointM: number | undefined
}

function Beam({ rod, seatM, handM, bareM, pointM }: BeamProps) {
  const x = (m: number): number => 20 + (m / rod.lengthM) * 760
  return (
    <svg viewBox="0 0 800 120" role="img" aria-label="The rod as a beam on the hand" className="w-full">
      <path d={`M${x(0)} 56L${x(rod.lengthM)} 59V61L${x(0)} 66Z`} fill="var(--ink)" />
      <circle cx={x(seatM)} cy="78" r="13" fill="none" stroke="var(--ink)" strokeWidth="3" />
      <path d={`M${x(handM)} 66l-11 20h22z`} fill="var(--caster)" />
      <text x={x(handM)} y="104" textAnchor="middle" fontSize="13" fill="var(--caster)">
        hand
      </text>
      <path d={`M${x(bareM)} 30v24`} stroke="var(--faint)" strokeWidth="2" />
      <text x={x(bareM)} y="24" textAnchor="middle" fontSize="13" fill="var(--faint)">
        bare rod balances
      </text>
      {pointM !== undefined && (
        <>
          <path d={`M${x(pointM)} 30v24`} stroke="var(--river)" strokeWidth="3" />
          <text x={x(pointM)} y="24" textAnchor="middle" fontSize="13" fontWeight="600" fill="var(--river)">
            with reel
          </text>
        </>
      )}
    </svg>
  )
}
