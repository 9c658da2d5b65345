import type { ListName, ListRow, SingleName, SingleValue } from '@hoxen/core/format'
import { liveQuery, type Subscription } from 'dexie'
import { useSyncExternalStore } from 'react'
import { listOf, singleOf } from './reading.ts'

/** The latest answer of a query: none while it loads, or why there is none. */
type Latest<T> = { readonly value: T } | { readonly error: unknown } | undefined

/** One live query for all who read it, subscribed to lazily. It outlives its last reader, so that the next page finds the same value. */
export class Live<T> {
  private latest: Latest<T>
  private subscription: Subscription | undefined
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
    }
  }

  readonly snapshot = (): Latest<T> => this.latest

  private start(): void {
    this.subscription = liveQuery(this.read).subscribe({
      next: (value) => this.tell({ value }),
      error: (error) => this.tell({ error }),
    })
  }

  private tell(latest: Latest<T>): void {
    this.latest = latest
    for (const listener of this.listeners) listener()
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
