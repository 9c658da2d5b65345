import type { Item } from '@hoxen/core/gear'
import { KIND_NAMES, summarize } from '@hoxen/core/words'
import { useState } from 'react'
import { ItemDrawing } from '../../drawing/index.ts'
import { addressOf, isOnlyHere } from '../../link/index.ts'
import { Paper, QrCode } from '../../paper/index.ts'
import { useGear, useWallet } from '../../store/index.ts'
import { useUnits } from '../../ui/index.ts'

/** Kinds carried in bags. */
const BAGGED = ['tip', 'sinking-leader', 'head', 'leader', 'cheater'] as const
type Bagged = (typeof BAGGED)[number]
const isBagged = (item: Item): boolean => (BAGGED as readonly string[]).includes(item.kind)
/** Labels on one page. */
const PAGE = 21

/** A sheet of labels for bags of tips, heads and leaders; the code on each opens the thing's page. */
export function LabelsPage() {
  const items = useGear()?.items
  const [kinds, setKinds] = useState<readonly Bagged[]>(['tip', 'sinking-leader'])
  if (items === undefined) return <p className="py-10 text-faint">Opening…</p>
  const there = BAGGED.filter((kind) => items.some((item) => item.kind === kind))
  const some = items.filter((item) => isBagged(item) && kinds.includes(item.kind as Bagged))
  return (
    <Paper
      title="Bag labels"
      back={['/gear', 'Gear']}
      about={
        some.length > PAGE
          ? `The first ${PAGE} of ${some.length}: choose fewer kinds to get the rest.`
          : `${some.length} labels of about 60 × 31 mm. Cut them out, and put each in its bag where a camera can see it.`
      }
      choices={
        <fieldset>
          <legend className="text-sm text-faint">Labels for</legend>
          <div className="flex flex-wrap gap-x-4">
            {there.map((kind) => (
              <label key={kind} className="flex min-h-11 items-center gap-2">
                <input
                  type="checkbox"
                  checked={kinds.includes(kind)}
                  onChange={() =>
                    setKinds(kinds.includes(kind) ? kinds.filter((one) => one !== kind) : [...kinds, kind])
                  }
                  className="size-4"
                />
                {KIND_NAMES[kind].many}
              </label>
            ))}
          </div>
        </fieldset>
      }
    >
      {isOnlyHere() && (
        <p className="no-print mb-2 text-[0.9rem]">
          The codes only open on this machine: print from an address your phone can reach too.
        </p>
      )}
      {some.length === 0 ? (
        <p>None of those in your gear.</p>
      ) : (
        <ul className="grid grid-cols-[repeat(auto-fill,minmax(58mm,1fr))] gap-[1.5mm] print:grid-cols-3">
          {some.slice(0, PAGE).map((item) => (
            <BagLabel key={item.id} item={item} />
          ))}
        </ul>
      )}
    </Paper>
  )
}

function BagLabel({ item }: { readonly item: Item }) {
  const { system } = useUnits()
  const { tips } = useWallet()
  const leaders = useGear()?.items
  const pouch = tips[item.id]
  const leader = leaders?.find(({ id }) => id === pouch?.leaderId)?.name
  return (
    <li className="flex h-[31mm] items-center gap-1 overflow-hidden border border-dashed border-ink p-[1.5mm]">
      <QrCode text={addressOf(`/gear/item/${item.id}`)} label={`Opens ${item.name}`} mm={25} />
      <div className="min-w-0 leading-tight">
        <b className="block text-[0.98rem] font-bold [overflow-wrap:anywhere]">{item.name}</b>
        <span className="block text-[0.74rem]">{summarize(item, system)}</span>
        {(pouch?.pocket !== undefined || leader !== undefined) && (
          <span className="block text-[0.7rem]">{[pouch?.pocket, leader].filter(Boolean).join(' · ')}</span>
        )}
        <ItemDrawing item={item} width={150} height={14} />
      </div>
    </li>
  )
}
