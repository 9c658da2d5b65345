const KEY = 'hoxen-tab'

const fresh = (): string => {
  const id = crypto.randomUUID()
  try {
    sessionStorage.setItem(KEY, id)
  } catch {
    // Without session storage the tab is another after each loading; what it did can then not be undone.
  }
  return id
}

function remembered(): string {
  try {
    return sessionStorage.getItem(KEY) ?? fresh()
  } catch {
    return fresh()
  }
}

let id = remembered()

/** This tab, the same after it is loaded again. */
export const thisTab = (): string => id

/** The tabs that are open now, this one among them; undefined where the browser does not tell. */
export async function openTabs(): Promise<ReadonlySet<string> | undefined> {
  const { locks } = globalThis.navigator ?? {}
  if (locks === undefined) return undefined
  const { held = [] } = await locks.query()
  return new Set([id, ...held.map(({ name = '' }) => name.slice(KEY.length + 1))])
}

/**
 * A tab that is duplicated takes its session along: whoever finds the name held by another tab takes a new one. Holds the
 * name for as long as the page lives.
 */
export async function claimTab(): Promise<void> {
  const { locks } = globalThis.navigator ?? {}
  if (locks === undefined) return
  const hold = async (lock: Lock | null): Promise<void> => {
    if (lock !== null) await new Promise(() => {})
    id = fresh()
    void claimTab()
  }
  await locks.request(`${KEY}-${id}`, { ifAvailable: true }, hold)
}
