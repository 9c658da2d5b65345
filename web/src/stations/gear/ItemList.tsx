import type { Item } from '@hoxen/core/gear'
import { KIND_NAMES, summarize } from '@hoxen/core/words'
import { useWindowVirtualizer } from '@tanstack/react-virtual'
import { Copy, Trash2 } from 'lucide-react'
import { memo, useLayoutEffect, useRef, useState } from 'react'
import { Link } from 'react-router'
import { ItemDrawing } from '../../drawing/index.ts'
import { noticeDone, noticeFailed, removeItems } from '../../store/index.ts'
import { useUnits } from '../../ui/index.ts'
import { duplicate } from './duplicate.ts'

const ROW_PX = 60

/** A list of any length; only what is in view is drawn. */
export function ItemList({ items }: { readonly items: readonly Item[] }) {
  const ref = useRef<HTMLUListElement>(null)
  const [offset, setOffset] = useState(0)
  // What stands above the list may come later or grow.
  useLayoutEffect(() => {
    const look = (): void => setOffset(ref.current?.offsetTop ?? 0)
    look()
    const watch = new ResizeObserver(look)
    watch.observe(document.body)
    return () => watch.disconnect()
  }, [])
  const virtual = useWindowVirtualizer({
    count: items.length,
    estimateSize: () => ROW_PX,
    overscan: 12,
    // Drawn with the frame and not before it.
    useFlushSync: false,
    scrollMargin: offset,
  })
  return (
    <ul
      ref={ref}
      aria-label="Your gear"
      className="relative mt-4 border-t border-rule"
      style={{ height: virtual.getTotalSize() }}
    >
      {virtual.getVirtualItems().map((row) => {
        const item = items[row.index]
        if (item === undefined) return null
        return (
          <li
            key={item.id}
            aria-setsize={items.length}
            aria-posinset={row.index + 1}
            className="absolute inset-x-0 top-0 contain-strict border-b border-rule"
            style={{ height: ROW_PX, transform: `translateY(${row.start - offset}px)` }}
          >
            <ItemRow item={item} />
          </li>
        )
      })}
    </ul>
  )
}

const ItemRow = memo(function ItemRow({ item }: { readonly item: Item }) {
  const { system } = useUnits()
  const remove = (): void => {
    removeItems(`Delete ${item.name}`, [item.id]).then(() => noticeDone(`${item.name} deleted`), noticeFailed)
  }
  return (
    <div className="flex h-full items-center gap-3">
      <Link
        to={`/gear/item/${item.id}`}
        className="flex h-full min-w-0 flex-1 items-center gap-4 hover:bg-shoal"
      >
        <span className="min-w-0 flex-1">
          <span className="block truncate font-semibold">{item.name}</span>
          <span className="block truncate text-[0.9rem] text-faint">
            {KIND_NAMES[item.kind].one} — {summarize(item, system)}
          </span>
        </span>
        <span className="hidden w-80 md:block">
          <ItemDrawing item={item} width={320} height={22} />
        </span>
      </Link>
      <button
        type="button"
        onClick={() => duplicate(item)}
        aria-label={`Duplicate ${item.name}`}
        title="Duplicate"
        className="hidden size-11 shrink-0 place-items-center rounded hover:bg-shoal sm:grid"
      >
        <Copy size={18} aria-hidden="true" />
      </button>
      <button
        type="button"
        onClick={remove}
        aria-label={`Delete ${item.name}`}
        title="Delete"
        className="grid size-11 shrink-0 place-items-center rounded hover:bg-shoal"
      >
        <Trash2 size={18} aria-hidden="true" />
      </button>
    </div>
  )
})
