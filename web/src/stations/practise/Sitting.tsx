import type { RoundKind } from '@hoxen/core/practise'
import { useState } from 'react'
import { sendRound } from '../../link/index.ts'
import { noticeFailed } from '../../store/index.ts'
import { Button, Empty, Failed } from '../../ui/index.ts'
import { RoundView } from './RoundView.tsx'
import { keepAnswer, useSitting } from './useRounds.ts'

interface Props {
  /** Kinds that are asked; left out, all. */
  readonly kinds?: readonly RoundKind[] | undefined
  /** Rounds of the sitting; left out, ten. */
  readonly of?: number
  readonly onDone: () => void
}

/** A sitting: round after round, each kept as it is answered. */
export function Sitting({ kinds, of, onDone }: Props) {
  const sitting = useSitting(kinds, of)
  const [right, setRight] = useState(0)
  if (sitting === undefined) return <p className="py-10 text-faint">Opening…</p>
  const { drawn, error, id, place, next } = sitting
  if (place > sitting.of)
    return (
      <Empty
        title={`${right} of ${sitting.of} right`}
        action={
          <Button weight="strong" onClick={onDone}>
            Back
          </Button>
        }
      >
        What went wrong comes again, sooner than the rest.
      </Empty>
    )
  if (error !== null) return <Failed error={error} retry={sitting.retry} />
  if (drawn === null)
    return (
      <Empty title="No such round can be drawn" action={<Button onClick={next}>Next</Button>}>
        Your gear and water give none of this kind.
      </Empty>
    )
  if (drawn === undefined || id === undefined)
    return (
      <p role="status" className="py-10 text-faint">
        Drawing a round…
      </p>
    )
  return (
    <RoundView
      key={`${place} ${id}`}
      round={drawn.round}
      spare={drawn.spare}
      place={`${place} of ${sitting.of}`}
      onAnswer={(was, sure) => {
        if (was) setRight(right + 1)
        keepAnswer(id, drawn.round.situation, { right: was, sure })
      }}
      onNext={next}
      onSend={() => void sendRound(drawn.round.situation).catch(noticeFailed)}
    />
  )
}
