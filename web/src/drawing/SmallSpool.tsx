import type { Spool } from '@hoxen/core/gear'
import { PACKING, ringsOn } from '@hoxen/core/reel'
import type { Wound } from '@hoxen/core/rig'
import { RingPatterns, SpoolFace } from './SpoolFace.tsx'

interface Props {
  readonly spool: Spool
  readonly lines: readonly Wound[]
  /** Largest rim of the spools it stands beside, so that all are to one scale [m]. */
  readonly largestM?: number | undefined
  readonly label: string
}

const SIZE = 112

/** A spool's face with what is on it, small. */
export function SmallSpool({ spool, lines, largestM = spool.rimDiameterM, label }: Props) {
  const px = (SIZE - 8) / largestM
  return (
    <svg width={SIZE} height={SIZE} role="img" aria-label={label} className="shrink-0">
      <RingPatterns />
      <SpoolFace
        spool={spool}
        rings={ringsOn(spool, PACKING.usual, lines)}
        cx={SIZE / 2}
        cy={SIZE / 2}
        px={px}
      />
    </svg>
  )
}
