import type { Item } from '@hoxen/core/gear'
import { effectsOf, leaderThatComes, type Option, type RankedRig } from '@hoxen/core/match'
import type { RigSlot } from '@hoxen/core/rig'
import { CHECK_TITLES, SLOT_NAMES, STATE_NAMES, sayLeaderWith, summaryBeside } from '@hoxen/core/words'
import { Button, StateMark, useUnits } from '../ui/index.ts'

interface Props {
  readonly rig: RankedRig
  readonly slot: RigSlot
  readonly options: readonly Option[] | undefined
  readonly onPick: (item: Item | null) => void
  readonly onClose: () => void
  /** Tells which option is pointed at or focused. */
  readonly onPreview: (rig: RankedRig | undefined) => void
}

const SHOWN = 40

/** Everything that could stand in one place of the rig, best first, with what it would change. */
export function PartPicker(props: Props) {
  const { slot, options, onClose } = props
  const name = SLOT_NAMES[slot]
  return (
    <section aria-labelledby="picker" className="mb-5 rounded-lg border border-river bg-sheet p-4">
      <div className="mb-1 flex items-baseline justify-between">
        <h2 id="picker" className="text-xl">
          {name}: choose another
        </h2>
        <Button weight="quiet" onClick={onClose}>
          Done
        </Button>
      </div>
      {options === undefined ? (
        <p className="py-4 text-faint">Checking your gear…</p>
      ) : options.length === 0 ? (
        <p className="py-4">No {name.toLowerCase()} in your gear yet. Add one in Gear.</p>
      ) : (
        <ul className="max-h-96 overflow-y-auto">
          {options.slice(0, SHOWN).map((option) => (
            <OptionRow key={option.item?.id ?? 'none'} {...props} option={option} />
          ))}
        </ul>
      )}
    </section>
  )
}

/** One that could stand there; pointed at or focused it is tried in the picture. */
function OptionRow({
  rig,
  slot,
  option: { item, rig: after },
  onPick,
  onPreview,
}: Props & { readonly option: Option }) {
  const { system } = useUnits()
  const beside = item === null ? undefined : summaryBeside(item, system)
  const present = (item?.id ?? null) === rig.choice[slot]
  const changes = effectsOf(rig.checks, after.checks).map(
    ({ code, to }) => `${CHECK_TITLES[code]}: ${to === 'absent' ? 'no longer applies' : STATE_NAMES[to]}`,
  )
  return (
    <li>
      <button
        type="button"
        aria-pressed={present}
        onClick={() => onPick(item)}
        onPointerEnter={() => onPreview(after)}
        onFocus={() => onPreview(after)}
        onPointerLeave={() => onPreview(undefined)}
        onBlur={() => onPreview(undefined)}
        className="grid min-h-11 w-full grid-cols-[5.6rem_1fr] items-baseline gap-x-3 rounded px-2 py-1.5 text-left hover:bg-shoal aria-pressed:bg-shoal"
      >
        <StateMark state={after.verdict} />
        <span>
          <b className="font-semibold">{item?.name ?? `No ${SLOT_NAMES[slot].toLowerCase()}`}</b>
          {sayLeaderWith(leaderThatComes(rig, after, slot))}
          {beside !== undefined && <span className="text-faint"> — {beside}</span>}
          <span className="block text-[0.86rem] text-faint">
            {present ? 'on your rig now' : changes.length === 0 ? 'no check changes' : changes.join(' · ')}
          </span>
        </span>
      </button>
    </li>
  )
}
