import { useMemo } from 'react'
import { useTeaching } from '../day/index.ts'
import { useCommands } from './commands.ts'
import { useDemoAddress } from './useDemoAddress.ts'
import { useHeading } from './useHeading.ts'
import { useKeys } from './useKeys.ts'
import { useKeptWhole, useOneStore, useSafeKeeping } from './usePersistence.ts'
import { usePlace } from './usePlace.ts'

interface Props {
  readonly pathname: string
  /** While something lies over the page its keys rest. */
  readonly quiet: boolean
  readonly onOpen: (what: 'palette' | 'keys') => void
}

/** Keys of all that can be done from anywhere. */
function useAllKeys({ quiet, onOpen }: Props): void {
  const commands = useCommands()
  const withSheets = useMemo(
    () => [
      ...commands,
      { name: 'Find', keys: '/', run: () => onOpen('palette') },
      { name: 'Keys', keys: '?', run: () => onOpen('keys') },
    ],
    [commands, onOpen],
  )
  useKeys(withSheets, !quiet)
}

/** Parts of the frame that load after the first paint: keys, title, scroll position, persistence, the demo by address. */
export function Later(props: Props) {
  const { pathname } = props
  useAllKeys(props)
  useDemoAddress()
  useOneStore()
  useTeaching()
  useKeptWhole()
  useSafeKeeping()
  usePlace()
  useHeading(pathname)
  return null
}
