import { sayUnsaved } from '@hoxen/core/words'
import { useQuery } from '@tanstack/react-query'
import { useSyncExternalStore } from 'react'
import { Link } from 'react-router'
import { noticeFailed, noticeSaid, useDemoThere, useUnsaved } from '../store/index.ts'
import { Button, buttonLook, longDay } from '../ui/index.ts'
import { carryOver, saveDemo, saveEverything } from './keeping.ts'
import { askToBeSafe, canInstall, install, isKeptWhole, isSafe, onInstallOffer } from './onDevice.ts'

/** Number of things changed since everything was last saved to a file. */
export function SinceSaved() {
  const since = useUnsaved()
  if (since === undefined) return null
  const { savedMs, changed } = since

  return (
    <span data-since-saved={changed}>
      {sayUnsaved(changed, savedMs === undefined ? undefined : longDay(savedMs))}
    </span>
  )
}

/** This device: the application, the data and how safe it is; and the way to another device. */
export function OnThisDevice() {
  const aside = useDemoThere()?.own === true
  return (
    <>
      <dl className="mt-2 grid gap-x-6 gap-y-1 sm:grid-cols-[11rem_minmax(0,1fr)]">
        <dt className="font-semibold">Without signal</dt>
        <dd>
          {isKeptWhole()
            ? 'Every page works: all of Hoxen is on this device.'
            : 'Not fully downloaded yet. Open this page once more while you have signal (offline use needs an https address).'}
        </dd>
        <dt className="font-semibold">When storage runs short</dt>
        <dd>
          <Promised />
        </dd>
        <dt className="font-semibold">Saved to a file</dt>
        <dd>
          <SinceSaved />
        </dd>
      </dl>
      <DeviceButtons aside={aside} />
      {aside && (
        <p className="mt-2 max-w-2xl text-[0.95rem] font-medium text-watch" data-own-aside>
          The demo is open. What is sent and saved is your own data, set aside meanwhile.
        </p>
      )}
      <p className="mt-2 max-w-2xl text-[0.92rem] text-faint">
        One file carries everything, deletions included. Import it on the other device and the two are merged
        field by field: the newer wins, and where both changed the same one you choose.
      </p>
    </>
  )
}

/** Whether the browser has promised to keep the data, and the way to ask it. */
function Promised() {
  const safe = useQuery({ queryKey: ['safe'], queryFn: async () => (await isSafe()) ?? null })
  const makeSafe = (): void =>
    void askToBeSafe().then((did) => {
      void safe.refetch()
      noticeSaid(
        did
          ? 'The browser won’t delete it to make room.'
          : 'This browser won’t promise. Installing Hoxen on the home screen often helps; a saved file always does.',
      )
    }, noticeFailed)
  if (safe.data === true) return 'The browser has promised to keep your data.'
  if (safe.data !== false) return 'This browser doesn’t say.'
  return (
    <>
      The browser may delete it after a long time unused.{' '}
      <Button weight="quiet" onClick={makeSafe}>
        Ask it to keep my data
      </Button>
    </>
  )
}

/** @param aside whether the demo is open and one’s own data set aside meanwhile */
function DeviceButtons({ aside }: { readonly aside: boolean }) {
  const installable = useSyncExternalStore(onInstallOffer, canInstall)
  return (
    <div className="mt-3 flex flex-wrap gap-2">
      <Button weight="strong" onClick={carryOver}>
        Send to another device
      </Button>
      <Link to="/gear?import" className={buttonLook('plain')}>
        Import a file
      </Link>
      <Button onClick={saveEverything}>Save everything to a file</Button>
      {aside && <Button onClick={saveDemo}>Save the demo as it is</Button>}
      {installable && <Button onClick={() => void install()}>Put Hoxen on the home screen</Button>}
    </div>
  )
}
