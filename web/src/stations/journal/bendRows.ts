import { USUAL_BEND_KG } from '@hoxen/core/journal'
import type { BendTest, HungWeight } from '@hoxen/core/rod'

const ROWS = USUAL_BEND_KG.length
export const NO_ROWS: readonly Row[] = Array.from({ length: ROWS }, () => ({}))

export type Which = 'known' | 'unknown'

/** One weight, and how far it brings either tip down; a rod that was not loaded with it has none. */
export interface Row {
  readonly massKg?: number | undefined
  readonly known?: number | undefined
  readonly unknown?: number | undefined
}

/** Length of each rod from the clamp to the tip-top, as far as it was measured [m]. */
export type Free = { readonly [which in Which]?: number | undefined }

/** A rod’s test as far as it is whole. */
export function testOf(
  which: Which,
  freeLengthM: number | undefined,
  rows: readonly Row[],
): BendTest | undefined {
  const loads = rows.flatMap(({ massKg, [which]: dropM }): readonly HungWeight[] =>
    massKg === undefined || dropM === undefined ? [] : [{ massKg, dropM }],
  )
  return freeLengthM === undefined || loads.length === 0 ? undefined : { freeLengthM, loads }
}

/** The rows that two rods' weights were typed in. */
export function rowsOf(known: readonly HungWeight[], unknown: readonly HungWeight[]): readonly Row[] {
  const masses = [...new Set([...known, ...unknown].map(({ massKg }) => massKg))].sort((a, b) => a - b)
  const dropUnder = (loads: readonly HungWeight[], massKg: number): number | undefined =>
    loads.find((load) => load.massKg === massKg)?.dropM
  const rows = masses.map((massKg): Row => {
    const [a, b] = [dropUnder(known, massKg), dropUnder(unknown, massKg)]
    return { massKg, ...(a === undefined ? {} : { known: a }), ...(b === undefined ? {} : { unknown: b }) }
  })
  return [...rows, ...Array.from({ length: Math.max(0, ROWS - rows.length) }, () => ({}))]
}
