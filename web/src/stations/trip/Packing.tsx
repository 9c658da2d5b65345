import type { Gear } from '@hoxen/core/gear'
import type { RigChoice } from '@hoxen/core/rig'
import { packedWallet, type WorthBorrowing } from '@hoxen/core/trip'
import { saySpare, sayWorthBorrowing, WINDOW_NAMES } from '@hoxen/core/words'
import { Link } from 'react-router'
import { changeKept, noticeFailed } from '../../store/index.ts'
import { Button, buttonLook, useUnits } from '../../ui/index.ts'
import type { SavedTrip } from './tripFiles.ts'

interface Props extends SavedTrip {
  readonly gear: Gear
  readonly kit: ReadonlySet<string>
  readonly rigs: readonly RigChoice[]
  readonly borrow: readonly WorthBorrowing[]
}

type Files = typeof import('./tripFiles.ts')
/** What writes files comes with the first that is saved. */
const save = (what: (files: Files) => void): void => void import('./tripFiles.ts').then(what, noticeFailed)

/** What to pack besides, what to borrow, and the kit as a wallet, a sheet, a table and a calendar. */
export function Packing(props: Props) {
  const { trip, gear, kit, rigs, spares, borrow } = props
  const { system } = useUnits()
  const pack = (): void =>
    void changeKept(`Pack for ${trip.name}`, 'wallet', (wallet) =>
      packedWallet(gear, kit, rigs, wallet),
    ).catch(noticeFailed)
  return (
    <section aria-labelledby="pack-title" className="mt-4 grid gap-x-8 gap-y-2 sm:grid-cols-2" data-packing>
      <div>
        <h2 id="pack-title" className="text-[1.15rem]">
          Spares
        </h2>
        <ul className="text-[0.95rem]">
          {spares.map((spare) => (
            <li key={spare.what}>{saySpare(spare)}</li>
          ))}
        </ul>
      </div>
      {borrow.length > 0 && (
        <div>
          <h2 className="text-[1.15rem]">Worth borrowing</h2>
          <ul className="text-[0.95rem]">
            {borrow.map(({ rod, style, headKg }) => (
              <li key={`${rod.id} ${style}`}>
                {sayWorthBorrowing(rod.name, WINDOW_NAMES[style], headKg, system)}
              </li>
            ))}
          </ul>
        </div>
      )}
      <p className="flex flex-wrap gap-2 sm:col-span-2">
        <Button weight="strong" onClick={pack}>
          Pack it
        </Button>
        <Link to={`/trip/sheet?trip=${trip.id}`} className={buttonLook('plain')}>
          Print
        </Link>
        <Button onClick={() => save((files) => files.saveCalendar(props))}>
          Save the days as a calendar
        </Button>
        <Button onClick={() => save((files) => files.saveTable(props, system))}>
          Save the pack list as a table
        </Button>
      </p>
    </section>
  )
}
