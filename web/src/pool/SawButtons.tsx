import { SAW, type Saw } from '@hoxen/core/journal'
import { SAW_WORDS } from '@hoxen/core/words'

interface Props {
  readonly onSaw: (saw: Saw) => void
  /** Always side by side, for one thumb. */
  readonly abreast?: boolean
}

/** Three large buttons: one touch says what the swing did. */
export const SawButtons = ({ onSaw, abreast = false }: Props) => (
  <div className={`no-print grid gap-2 ${abreast ? 'grid-cols-3' : 'sm:grid-cols-3'}`}>
    {SAW.map((saw) => (
      <button
        key={saw}
        type="button"
        data-log={saw}
        onClick={() => onSaw(saw)}
        className="min-h-20 rounded-lg border-2 border-river bg-sheet px-1 text-xl leading-tight font-semibold text-river hover:bg-shoal"
      >
        {SAW_WORDS[saw]}
      </button>
    ))}
  </div>
)
