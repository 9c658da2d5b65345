import { type CastChoice, type CastSetting, castToMake } from '@hoxen/core/cast'
import { ANCHOR_NAMES, CAST_TITLES, sayCast } from '@hoxen/core/words'
import { useUnits } from '../../ui/index.ts'

export const keyOf = ({ cast, side }: CastChoice): string => `${cast} ${side}`

interface Props {
  readonly casts: readonly CastChoice[]
  readonly setting: CastSetting
  readonly chosen: CastChoice | undefined
  readonly onPick: (choice: CastChoice) => void
}

const FITS = {
  good: ['Good here', 'text-holds'],
  care: ['With care', 'text-watch'],
  no: ['Ruled out', 'text-breaks'],
} as const

/** The casts in order of fitness, one line each; the reasons of the one that is chosen, and of those that are out. */
export function CastList(props: Props) {
  const { casts } = props
  const none = castToMake(casts) === undefined
  return (
    <section aria-labelledby="casts-title" className="mt-2">
      <h2 id="casts-title" className="sr-only">
        Casts
      </h2>
      {none && (
        <p
          role="status"
          data-none
          className="mb-2 border-l-4 border-breaks pl-3 text-xl font-semibold text-breaks"
        >
          No cast is safe here right now: turn, wade, wait, or shorten up.
        </p>
      )}
      {!none && !casts.some(({ fit }) => fit === 'good') && (
        <p className="mb-1 font-medium text-watch">
          No cast is good here without care: turn, wade, wait, or shorten up.
        </p>
      )}
      <SameFit {...props} fit="good" />
      <SameFit {...props} fit="care" />
      <RuledOut {...props} open={none} />
    </section>
  )
}

/** Casts that fit alike. */
const SameFit = ({ casts, setting, chosen, onPick, fit }: Props & Pick<CastChoice, 'fit'>) => {
  const some = casts.filter((each) => each.fit === fit)
  if (some.length === 0) return null
  return (
    <ul data-fit={fit}>
      {some.map((each) => (
        <CastRow
          key={keyOf(each)}
          choice={each}
          setting={setting}
          chosen={chosen !== undefined && keyOf(chosen) === keyOf(each)}
          onPick={() => onPick(each)}
        />
      ))}
    </ul>
  )
}

const RuledOut = (props: Props & { readonly open: boolean }) => {
  const count = props.casts.filter(({ fit }) => fit === 'no').length
  if (count === 0) return null
  const [title, colour] = FITS.no
  return (
    <details open={props.open}>
      <summary className={`min-h-11 cursor-pointer content-center font-semibold ${colour}`}>
        {title} ({count})
      </summary>
      <SameFit {...props} fit="no" />
    </details>
  )
}

interface RowProps {
  readonly choice: CastChoice
  readonly setting: CastSetting
  readonly chosen: boolean
  readonly onPick: () => void
}

function CastRow({ choice, setting, chosen, onPick }: RowProps) {
  const { system } = useUnits()
  const { cast, side, anchor, fit } = choice
  const [title, colour] = FITS[fit]
  const said = chosen || fit === 'no' ? sayCast(choice, setting, system) : []
  return (
    <li>
      <button
        type="button"
        aria-pressed={chosen}
        onClick={onPick}
        data-cast={keyOf(choice)}
        className="block min-h-11 w-full rounded-md border border-transparent px-2 py-1 text-left hover:bg-shoal aria-pressed:border-river aria-pressed:bg-sheet"
      >
        <span className="flex flex-wrap items-baseline gap-x-2.5">
          <b className="font-display text-[1.05rem] font-semibold">{CAST_TITLES[cast]}</b>
          <span className="text-[0.85rem] text-faint">
            {side} side<span className="max-sm:sr-only"> · {ANCHOR_NAMES[anchor]}</span>
          </span>
          {fit !== 'no' && <span className={`ml-auto text-[0.85rem] font-semibold ${colour}`}>{title}</span>}
        </span>
        {said.length > 0 && <span className="block text-[0.92rem]">{said.join(' ')}</span>}
      </button>
    </li>
  )
}
