import type { Item } from '@hoxen/core/gear'
import type { Packed } from '@hoxen/core/trip'
import { ItemDrawing, useWidth } from '../../drawing/index.ts'

interface Props {
  readonly packed: readonly Packed[]
  /** Of each item how many demands its rigs cover. */
  readonly uses: ReadonlyMap<string, number>
  readonly onPoint: (id: string | undefined) => void
  readonly onLeave: (item: Item) => void
}

/** The kit laid out, each thing to scale in its pocket: pointed at, it says what needs it; taken, it stays at home. */
export function KitPicture({ packed, ...rest }: Props) {
  return (
    <section aria-labelledby="kit-title" data-kit>
      <div>
        <h2 id="kit-title" className="text-[1.15rem]">
          The kit
        </h2>
        <p className="text-[0.88rem] leading-snug text-faint">
          Point at a thing to see what needs it; tap it to leave it at home.
        </p>
      </div>
      {packed.map(({ pocket, items }) => (
        <div key={pocket ?? ''} className="mt-0.5">
          <h3 className="text-[0.85rem] font-normal text-faint">{pocket ?? 'Rods, reels and lines'}</h3>
          <ul className="grid grid-cols-1 gap-x-3 gap-y-0.5 sm:grid-cols-2">
            {items.map((item) => (
              <li key={item.id}>
                <Thing item={item} {...rest} />
              </li>
            ))}
          </ul>
        </div>
      ))}
    </section>
  )
}

function Thing({ item, uses, onPoint, onLeave }: { readonly item: Item } & Omit<Props, 'packed'>) {
  const [box, width] = useWidth<HTMLButtonElement>(260)
  const counted = uses.get(item.id) ?? 0
  return (
    <button
      ref={box}
      type="button"
      data-item={item.id}
      disabled={item.kind === 'fly'}
      aria-label={`Leave ${item.name} at home`}
      aria-describedby="falls"
      onPointerEnter={() => onPoint(item.id)}
      onPointerLeave={() => onPoint(undefined)}
      onFocus={() => onPoint(item.id)}
      onBlur={() => onPoint(undefined)}
      onClick={() => onLeave(item)}
      className="block min-h-11 w-full rounded-md px-2 py-1 text-left enabled:hover:bg-shoal lg:min-h-7 lg:py-0"
    >
      <span className="block min-h-2.5">
        <ItemDrawing item={item} width={Math.max(120, width - 16)} height={10} />
      </span>
      <span className="flex items-baseline justify-between gap-2 text-[0.85rem] leading-tight">
        <span className="min-w-0 truncate">{item.name}</span>
        <span className="shrink-0 text-faint">{counted > 0 ? `× ${counted}` : ''}</span>
      </span>
    </button>
  )
}
