import type { Round } from '@hoxen/core/practise'

/** What the picture of a round is drawn from. */
export interface PictureProps<R extends Round = Round> {
  readonly round: R
  readonly chosen: string | undefined
  /** Whether the answer is drawn. */
  readonly shown: boolean
  readonly onChoose: (id: string) => void
}
