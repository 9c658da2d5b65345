import { onward, type Raw, type Trail, trailKey } from '@hoxen/core/format'
import { dequal } from 'dequal/lite'
import type { RowRef } from './change.ts'
import { db, type GoneRow, type KeptRow } from './database.ts'
import { addressOf } from './reading.ts'

/** Note of a change for the trails it leaves, besides that it makes one more step of each. */
export interface Told {
  readonly trails: ReadonlyMap<string, Trail>
  readonly aside: ReadonlySet<string>
}

export const NOTHING_TOLD: Told = { trails: new Map(), aside: new Set() }

const placeKey = ({ name, key }: RowRef): string => trailKey(name, key)
const tail = (): string => Math.floor(Math.random() * 36 ** 6).toString(36)

/** Writes rows and takes others away, each with one more step of its trail. */
export async function writeWithTrails(
  put: readonly Omit<KeptRow, 'trail'>[],
  gone: readonly RowRef[],
  { trails, aside }: Told,
  nowMs: number,
): Promise<void> {
  const places = [...put, ...gone].map(addressOf)
  const [were, wereGone] = await Promise.all([db.kept.bulkGet(places), db.gone.bulkGet(places)])
  const next = (place: RowRef, i: number, value?: Raw): Trail => {
    const told = trails.get(placeKey(place))
    const left = wereGone[i]
    if (told !== undefined) return told
    // What was put aside comes back as itself.
    if (left?.aside !== undefined && dequal(left.aside, value)) return left.trail
    return onward(were[i]?.trail ?? left?.trail ?? [], nowMs, tail())
  }
  const rows = put.map((row, i): KeptRow => ({ ...row, trail: next(row, i, row.value) }))
  const left = gone.map((place, i): GoneRow => {
    const was = were[put.length + i]
    return aside.has(placeKey(place)) && was !== undefined
      ? { ...place, trail: was.trail ?? [], aside: was.value }
      : { ...place, trail: next(place, put.length + i) }
  })
  await db.gone.bulkDelete(put.map(addressOf))
  await db.gone.bulkPut(left)
  await db.kept.bulkDelete(gone.map(addressOf))
  await db.kept.bulkPut(rows)
}

/** Trails that are told of what does not change otherwise: both devices then know it as the same. */
export async function tellTrails(
  trails: ReadonlyMap<string, Trail>,
  written: ReadonlySet<string>,
): Promise<void> {
  const told = [...trails].filter(([place]) => !written.has(place))
  const addresses = told.map(([place]): [string, string] => {
    const at = place.indexOf('/')
    return [place.slice(0, at), place.slice(at + 1)]
  })
  const rows = await db.kept.bulkGet(addresses)
  const put: KeptRow[] = []
  const gone: GoneRow[] = []
  rows.forEach((row, i) => {
    const trail = told[i]?.[1] ?? []
    const [name = '', key = ''] = addresses[i] ?? []
    if (row !== undefined) put.push({ ...row, trail })
    else gone.push({ name: name as KeptRow['name'], key, trail })
  })
  await db.kept.bulkPut(put)
  await db.gone.bulkPut(gone)
}
