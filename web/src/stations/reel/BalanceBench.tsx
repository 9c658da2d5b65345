import { itemsOf, type Reel } from '@hoxen/core/gear'
import type { RankedRig } from '@hoxen/core/match'
import { backingWantedM, reelForBalance, usualHandle } from '@hoxen/core/reel'
import { BALANCES, balanceOf, beamOf, lineInRings, lineOnReelKg } from '@hoxen/core/rig'
import { sayBalancePoint, sayBalancing, sayClosestReel } from '@hoxen/core/words'
import { useState } from 'react'
import { Link } from 'react-router'
import type { Question } from '../../ledger/index.ts'
import { buttonLook, QuantityField, SaidText, Tag, useUnits } from '../../ui/index.ts'
import { BeamPicture } from './BeamPicture.tsx'

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
  const { system } = useUnits()
  const { rod } = rig.parts
  const usual = usualHandle(rod)
  const [handM, setHandM] = useState(usual.handM)
  const beam = beamOf(rig.parts)
  if (beam === undefined)
    return (
      <p>
        Weigh the bare rod and find where it balances on a finger; Hoxen works out the reel.{' '}
        <Link to={`/gear/item/${rod.id}`} className={buttonLook('quiet')}>
          Add weight and balance point
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
  const loads = [
    { name: 'rod', massKg: beam.massKg, atM: beam.balanceM },
    ...hung.map(({ massKg, atM }) => ({ name: 'line in the guides', massKg, atM })),
    ...(reel?.massKg === undefined
      ? []
      : [
          {
            name: 'reel and line',
            massKg: reel.massKg + lineOnReelKg(rig.parts, undefined, backingM),
            atM: beam.reelSeatM,
          },
        ]),
  ]
  return (
    <div>
      <BeamPicture
        rod={rod}
        seatM={beam.reelSeatM}
        handM={handM}
        bareM={beam.balanceM}
        pointM={point}
        loads={loads}
        band={
          question.day.schools.reelWeight === 'light'
            ? undefined
            : { low: handM - BALANCES.behindM, high: handM + BALANCES.aheadM }
        }
        onHand={setHandM}
      />
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
        <SaidText said={sayBalancing(result, system)} /> <Tag tag="physics" />
      </p>
      {point !== undefined && reel !== undefined && <p>{sayBalancePoint(reel, point, handM, system)}</p>}
      {closest !== undefined && result.outcome === 'balanced' && (
        <p>{sayClosestReel(closest, question.day.schools.reelWeight, system)}</p>
      )}
    </div>
  )
}
