import type { Round } from '@hoxen/core/practise'
import { statesBySlot } from '@hoxen/core/rig'
import { WINDOW_NAMES } from '@hoxen/core/words'
import { GrainAxis, RigStrip } from '../../drawing/index.ts'
import { CastScene } from './CastScene.tsx'
import { PoolScene } from './PoolScene.tsx'
import type { PictureProps } from './picture.ts'
import { TideScene } from './TideScene.tsx'

/** The picture a round is about; the answer is drawn in it once it is given. */
export function RoundPicture({ round, ...rest }: PictureProps) {
  switch (round.kind) {
    case 'cast':
      return <CastScene round={round} {...rest} />
    case 'tip':
    case 'deep':
    case 'change':
      return <PoolScene round={round} {...rest} />
    case 'go':
      return <TideScene round={round} {...rest} />
    case 'head':
      return <HeadScene round={round} {...rest} />
    case 'wrong':
      return <WrongScene round={round} {...rest} />
  }
}

/** The rod’s window and the heads on one axis of weight; the window itself only with the answer. */
function HeadScene({ round, chosen, shown, onChoose }: PictureProps<Extract<Round, { kind: 'head' }>>) {
  const { rod, window, choices, situation } = round
  return (
    <div className="my-2">
      <GrainAxis
        bands={shown ? [{ label: `${rod.name}, ${WINDOW_NAMES[situation.style]}`, window }] : []}
        marks={choices.map(({ id, massKg, label }) => ({
          id,
          label: `no. ${label}`,
          massKg,
          chosen: id === chosen,
        }))}
        ticks="the heads"
        onChoose={onChoose}
      />
    </div>
  )
}

/** The rig drawn; the part that breaks is marked with the answer. */
function WrongScene({ round: { rig }, shown }: PictureProps<Extract<Round, { kind: 'wrong' }>>) {
  const states = shown ? statesBySlot(rig.checks.filter(({ code }) => code !== 'depth')) : NO_STATES
  return (
    <div className="my-2" inert>
      <RigStrip parts={rig.parts} states={states} hrefFor={() => '/practise'} height={64} />
    </div>
  )
}
const NO_STATES: ReturnType<typeof statesBySlot> = new Map()
