import { type Change, onward, type Raw, type RowRef, type Trail, trailKey } from '@hoxen/core/format'
import { dequal } from 'dequal/lite'
import { db, type GoneRow, type KeptRow } from './database.ts'
import { inPortions, type Watched } from './portions.ts'
import { addressOf, rowsAt } from './reading.ts'

/** Note of a change for the trails it leaves, besides that it makes one more step of each. */
export interface ToldTrails {
  /** Null: none, as before anything was told of it. */
  readonly trails: ReadonlyMap<string, Trail | null>
  readonly aside: ReadonlySet<string>
}

export const NOTHING_TOLD: ToldTrails = { trails: new Map(), aside: new Set() }

/** The fields that changes touch, by place: a step of a trail tells them. */
export const fieldsTouched = (changes: readonly Change[]): ReadonlyMap<string, readonly string[]> =>
  new Map(
    changes.flatMap((change) =>
      change.did !== 'edit'
        ? []
        : [
            [
              placeKey(change),
              change.edits.flatMap(({ path: [level, ...path] }) =>
                level === 'value' ? [path.join('.')] : [],
              ),
            ] as const,
          ],
    ),
  )

/** The trails of places as they stand; null where there is none. */
export async function trailsAt(places: Iterable<string>): Promise<ReadonlyMap<string, Trail | null>> {
  const all = [...places]
  const at = all.map(refOf)
  const [rows, gone] = await Promise.all([rowsAt(db.kept, at), rowsAt(db.gone, at)])
  return new Map(all.map((place, i) => [place, rows[i]?.trail ?? gone[i]?.trail ?? null]))
}

function refOf(place: string): RowRef {
  const at = place.indexOf('/')
  return { name: place.slice(0, at) as RowRef['name'], key: place.slice(at + 1) }
}

const placeKey = ({ name, key }: RowRef): string => trailKey(name, key)
const tail = (): string => Math.floor(Math.random() * 36 ** 6).toString(36)

/** Writes rows and takes others away, each with one more step of its trail. */
export async function writeWithTrails(
  put: readonly Omit<KeptRow, 'trail'>[],
  gone: readonly RowRef[],
  { trails, aside }: ToldTrails,
  fields: ReadonlyMap<string, readonly string[]>,
  nowMs: number,
  watched: Watched,
): Promise<void> {
  const places = [...put, ...gone]
  const [were, wereGone] = await Promise.all([rowsAt(db.kept, places), rowsAt(db.gone, places)])
  const next = (place: RowRef, i: number, value?: Raw): Trail | null => {
    const told = trails.get(placeKey(place))
    const left = wereGone[i]
    if (told !== undefined) return told
    // What was put aside comes back as itself.
    if (left?.aside !== undefined && dequal(left.aside, value)) return left.trail
    return onward(were[i]?.trail ?? left?.trail ?? [], nowMs, tail(), fields.get(placeKey(place)))
  }
  const rows = put.map((row, i): KeptRow => {
    const trail = next(row, i, row.value)
    return trail === null ? row : { ...row, trail }
  })
  // What goes and was never told of is as if it had never been.
  const left = gone.flatMap((place, i): readonly GoneRow[] => {
    const was = were[put.length + i]
    if (aside.has(placeKey(place)) && was !== undefined)
      return [{ ...place, trail: was.trail ?? [], aside: was.value }]
    const trail = next(place, put.length + i)
    return trail === null ? [] : [{ ...place, trail }]
  })
  await db.gone.bulkDelete(places.filter((_place, i) => wereGone[i] !== undefined).map(addressOf))
  await db.gone.bulkPut(left)
  await db.kept.bulkDelete(gone.map(addressOf))
  await inPortions(rows, watched, [0.5, 1], (portion) => db.kept.bulkPut(portion))
}

/** Trails that are told of what does not change otherwise: both devices then know it as the same. */
export async function tellTrails(trails: ToldTrails['trails'], written: ReadonlySet<string>): Promise<void> {
  const told = [...trails].filter(([place]) => !written.has(place))
  const places = told.map(([place]) => refOf(place))
  const rows = await rowsAt(db.kept, places)
  const put: KeptRow[] = []
  const gone: GoneRow[] = []
  const forgotten: [string, string][] = []
  rows.forEach((row, i) => {
    const trail = told[i]?.[1] ?? null
    const place = places[i]
    if (place === undefined) return
    if (row !== undefined) {
      const { trail: _was, ...bare } = row
      put.push(trail === null ? bare : { ...bare, trail })
    } else if (trail === null) forgotten.push(addressOf(place))
    else gone.push({ ...place, trail })
  })
  await db.kept.bulkPut(put)
  await db.gone.bulkPut(gone)
  await db.gone.bulkDelete(forgotten)
}
