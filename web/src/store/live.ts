import type { KeptName, ListName, ListRow, SingleName, SingleValue } from '@hoxen/core/format'
import { liveQuery, type Subscription } from 'dexie'
import { useSyncExternalStore } from 'react'
import { listOf, singleOf } from './reading.ts'
import { begin, nextMoment } from './underway.ts'

/** The latest answer of a query: none while it loads, or why there is none. */
type Latest<T> = { readonly value: T } | { readonly error: unknown } | undefined

/** One live query for all who read it, subscribed to lazily. It outlives its last reader, so that the next page finds the same value. */
export class Live<T> {
  private latest: Latest<T>
  private subscription: Subscription | undefined
  /** When the reading began that is shown. */
  private readAt = 0
  /** A change that is made and not shown yet: when it began, and who waits for it. */
  private awaited: { readonly moment: number; readonly shown: () => void } | undefined
  private readonly listeners = new Set<() => void>()

  /** @param passing unsubscribed with its last reader, where hardly anybody asks */
  constructor(
    private readonly read: () => Promise<T>,
    private readonly passing = false,
  ) {}

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener)
    // A query that failed is asked again by whoever comes next.
    if (this.subscription === undefined || this.subscription.closed) this.start()
    return () => {
      this.listeners.delete(listener)
      if (!this.passing || this.listeners.size > 0) return
      this.subscription?.unsubscribe()
      this.latest = undefined
      this.awaited?.shown()
      this.awaited = undefined
    }
  }

  readonly snapshot = (): Latest<T> => this.latest

  /** What it reads was changed: the page is not up to date until a reading that began later is shown. @param moment when the change began */
  awaits(moment: number): void {
    if (this.subscription === undefined || this.subscription.closed || this.readAt > moment) return
    const shown = this.awaited?.shown ?? begin()
    this.awaited = { moment, shown }
  }

  private start(): void {
    const read = async (): Promise<{ value: T; at: number }> => {
      const at = nextMoment()
      return { value: await this.read(), at }
    }
    this.subscription = liveQuery(read).subscribe({
      next: ({ value, at }) => this.tell({ value }, at),
      error: (error) => this.tell({ error }, Number.POSITIVE_INFINITY),
    })
  }

  private tell(latest: Latest<T>, at: number): void {
    this.latest = latest
    this.readAt = at
    for (const listener of this.listeners) listener()
    if (this.awaited === undefined || at <= this.awaited.moment) return
    this.awaited.shown()
    this.awaited = undefined
  }
}

/** @throws what the query failed with, for the page's guard to show */
export function useLive<T>({ subscribe, snapshot }: Live<T>): T | undefined {
  const latest = useSyncExternalStore(subscribe, snapshot)
  if (latest === undefined) return undefined
  if ('error' in latest) throw latest.error
  return latest.value
}

const lists = new Map<ListName, Live<unknown>>()
const singles = new Map<SingleName, Live<unknown>>()

/** Tells what a change has changed, and when it began: pages that show it wait for its reading. */
export function changed(names: ReadonlySet<KeptName>, moment: number): void {
  for (const name of names) (lists.get(name as ListName) ?? singles.get(name as SingleName))?.awaits(moment)
}

function liveIn<N>(known: Map<N, Live<unknown>>, name: N, read: () => Promise<unknown>): Live<unknown> {
  const live = known.get(name) ?? new Live(read)
  known.set(name, live)
  return live
}

/** A list in the angler's order, the same array on every page until it changes; undefined while it loads. */
export const useList = <N extends ListName>(name: N): readonly ListRow<N>[] | undefined =>
  useLive(liveIn(lists, name, () => listOf(name))) as readonly ListRow<N>[] | undefined

/** A single thing, the same on every page until it changes; null when there is none, undefined while it loads. */
export const useSingle = <N extends SingleName>(name: N): SingleValue<N> | null | undefined =>
  useLive(liveIn(singles, name, async () => (await singleOf(name)) ?? null)) as
    | SingleValue<N>
    | null
    | undefined
