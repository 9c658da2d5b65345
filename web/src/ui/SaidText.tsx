import type { Said } from '@hoxen/core/words'

/** A sentence whose figures stand out. */
export function SaidText({ said, className = '' }: { readonly said: Said; readonly className?: string }) {
  return said.map((piece, i) =>
    typeof piece === 'string' ? (
      piece
    ) : (
      // biome-ignore lint/suspicious/noArrayIndexKey: The pieces of a sentence have an order and nothing else.
      <b key={i} className={`font-semibold ${className}`}>
        {piece.figure}
      </b>
    ),
  )
}
