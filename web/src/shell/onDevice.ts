const HOUR_MS = 3600_000

/**
 * Registers the service worker that caches the whole application, so that it opens with no signal; a development build has none.
 * @param onNewer a newer Hoxen waits; what it is given loads it @param onOther another tab has loaded it
 */
export async function keepWhole(onNewer: (load: () => void) => void, onOther: () => void): Promise<void> {
  const built = document.querySelector('link[rel=manifest]') !== null
  if (!built || !('serviceWorker' in navigator)) return
  const { Workbox } = await import('workbox-window')
  const workbox = new Workbox('./sw.js')
  const first = navigator.serviceWorker.controller === null
  let wanted = false
  workbox.addEventListener('waiting', () =>
    onNewer(() => {
      wanted = true
      workbox.messageSkipWaiting()
    }),
  )
  workbox.addEventListener('controlling', () => {
    if (wanted) location.reload()
    else if (!first) onOther()
  })
  await workbox.register()
  setInterval(() => void workbox.update().catch(() => {}), HOUR_MS)
}

/** Whether the application is kept whole on this device. */
export const isKeptWhole = (): boolean => navigator.serviceWorker?.controller != null

/** Whether the browser promises not to clear what is kept, when it runs short of room; undefined where it makes none. */
export async function isSafe(): Promise<boolean | undefined> {
  return navigator.storage?.persisted?.()
}

export async function askToBeSafe(): Promise<boolean> {
  return (await navigator.storage?.persist?.()) ?? false
}

/** Event of a browser that can put the application on the home screen. */
interface InstallOffer extends Event {
  readonly prompt: () => Promise<unknown>
}

let offer: InstallOffer | undefined
const waiting = new Set<() => void>()
globalThis.addEventListener?.('beforeinstallprompt', (event) => {
  event.preventDefault()
  offer = event as InstallOffer
  for (const tell of waiting) tell()
})

export function onInstallOffer(tell: () => void): () => void {
  waiting.add(tell)
  return () => waiting.delete(tell)
}

export const canInstall = (): boolean => offer !== undefined

export async function install(): Promise<void> {
  const taken = offer
  offer = undefined
  for (const tell of waiting) tell()
  await taken?.prompt()
}

/**
 * Hands a text to the system’s share sheet as a file, or saves it where there is none. Browsers share some kinds of file only: where JSON is
 * none of them, the same text goes as plain text, and is read as what it is.
 * @returns whether it went out
 */
export async function shareText(name: string, text: string, save: () => void): Promise<boolean> {
  const data = [
    new File([text], name, { type: 'application/json' }),
    new File([text], name.replace(/json$/, 'txt'), { type: 'text/plain' }),
  ]
    .map((file) => ({ files: [file], title: 'Hoxen' }))
    .find((each) => navigator.canShare?.(each) === true)
  if (data !== undefined)
    try {
      await navigator.share(data)
      return true
    } catch (error) {
      // Who closes the sheet shared nothing.
      if (error instanceof DOMException && error.name === 'AbortError') return false
    }
  save()
  return true
}
