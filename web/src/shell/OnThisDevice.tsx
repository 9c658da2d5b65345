import { useQuery } from '@tanstack/react-query'
import { useSyncExternalStore } from 'react'
import { Link } from 'react-router'
import { noticeFailed, noticeSaid, useDemoThere } from '../store/index.ts'
import { useUnsaved } from '../store/unsaved.ts'
import { Button, buttonLook } from '../ui/index.ts'
import { carryOver, saveDemo, saveEverything } from './keeping.ts'
import { askToBeSafe, canInstall, install, isKeptWhole, isSafe, onInstallOffer } from './onDevice.ts'

const day = (ms: number): string => new Date(ms).toLocaleDateString([], { dateStyle: 'long' })

/** Number of things changed since everything was last saved to a file. */
export function SinceSaved() {
  const since = useUnsaved()
  if (since === undefined) return null
  const { savedMs, changed } = since
  const things = changed === 1 ? 'One thing has' : `${changed} things have`
  return (
    <span data-since-saved={changed}>
      {savedMs === undefined
        ? changed === 0
          ? 'Nothing of your own is here yet.'
          : `Never saved to a file from here; ${things.toLowerCase()} changed.`
        : changed === 0
          ? `All of it is in the file of ${day(savedMs)}.`
          : `${things} changed since the file of ${day(savedMs)}.`}
    </span>
  )
}

/** This device: the application, the data and how safe it is; and the way to another device. */
export function OnThisDevice() {
  const safe = useQuery({ queryKey: ['safe'], queryFn: async () => (await isSafe()) ?? null })
  const installable = useSyncExternalStore(onInstallOffer, canInstall)
  const there = useDemoThere()
  const makeSafe = (): void =>
    void askToBeSafe().then((did) => {
      void safe.refetch()
      noticeSaid(
        did
          ? 'The browser will not clear it to make room.'
          : 'This browser makes no such promise. Installed on the home screen it often does; a saved file always holds.',
      )
    }, noticeFailed)
  return (
    <>
      <dl className="mt-2 grid gap-x-6 gap-y-1 sm:grid-cols-[11rem_minmax(0,1fr)]">
        <dt className="font-semibold">Without signal</dt>
        <dd>
          {isKeptWhole()
            ? 'Every page works: the whole of Hoxen is on this device.'
            : 'Not yet whole on this device. Open this page once more with a connection; over plain http it works on this machine only.'}
        </dd>
        <dt className="font-semibold">When room runs short</dt>
        <dd>
          {safe.data === true
            ? 'The browser has promised to keep it.'
            : safe.data === false
              ? 'The browser may clear it after a long time unused.'
              : 'This browser does not say.'}{' '}
          {safe.data === false && (
            <Button weight="quiet" onClick={makeSafe}>
              Ask it to keep it
            </Button>
          )}
        </dd>
        <dt className="font-semibold">Saved to a file</dt>
        <dd>
          <SinceSaved />
        </dd>
      </dl>
      <div className="mt-3 flex flex-wrap gap-2">
        <Button weight="strong" onClick={carryOver}>
          Carry to another device
        </Button>
        <Link to="/gear?import" className={buttonLook('plain')}>
          Bring a file in
        </Link>
        <Button onClick={saveEverything}>Save everything to a file</Button>
        {there?.own === true && <Button onClick={saveDemo}>Save the demo as it is</Button>}
        {installable && <Button onClick={() => void install()}>Put Hoxen on the home screen</Button>}
      </div>
      {there?.own === true && (
        <p className="mt-2 max-w-2xl text-[0.95rem] font-medium text-watch" data-own-aside>
          The demo is open. What is carried and saved is your own, which was put aside for it.
        </p>
      )}
      <p className="mt-2 max-w-2xl text-[0.92rem] text-faint">
        One file carries everything, and what was taken away. Brought in on the other device it is put beside
        what is there, thing by thing: the newer stands, and what was changed on both is asked.
      </p>
    </>
  )
}
