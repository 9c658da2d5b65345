import { useEffect } from 'react'
import {
  claimTab,
  noticeLasting,
  noticeOffer,
  noticeSaid,
  onVersionTrouble,
  openStore,
  useDemoThere,
} from '../store/index.ts'
import { askToBeSafe, isSafe, keepWhole } from './onDevice.ts'

/** Keeps this tab’s name to itself, and says so when another tab’s Hoxen is of another version. */
export function useOneStore(): void {
  useEffect(() => {
    void claimTab()
    openStore().catch(noticeLasting)
    onVersionTrouble((trouble) =>
      noticeSaid(
        trouble === 'newer-tab'
          ? 'A newer version is open in another tab. Reload this page to carry on here; nothing is lost.'
          : 'An older version is open in another tab. Close that tab and this one will carry on.',
      ),
    )
  }, [])
}

/** Keeps the whole application on the device, and says when a newer one is ready. */
export function useKeptWhole(): void {
  useEffect(() => {
    keepWhole(
      (load) => noticeOffer('An update is ready. Your data stays as it is.', 'Update', load),
      () => noticeSaid('Hoxen was updated in another tab. Reload this page when it suits you.'),
    ).catch(console.warn)
  }, [])
}

/** Asks the browser once to keep what is one’s own, as soon as there is something. */
export function useSafeKeeping(): void {
  const there = useDemoThere()
  const own = there?.gear && !there.demo
  useEffect(() => {
    if (own) void isSafe().then((safe) => (safe === false ? askToBeSafe() : safe), console.warn)
  }, [own])
}
