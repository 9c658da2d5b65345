import { nearestQuarter, SKILLS, WIND_QUARTERS } from '@hoxen/core/cast'
import {
  blowing,
  type Day,
  JOB_LIMITS,
  STAND_LIMITS,
  type Stand,
  WADING_LIMITS,
  WIND_LIMITS,
  type WindBy,
} from '@hoxen/core/day'
import { OBSTRUCTIONS, type Obstruction } from '@hoxen/core/water'
import { OBSTRUCTION_NAMES, SKILL_NAMES, WIND_WORDS } from '@hoxen/core/words'
import type { Air } from '../../pool/index.ts'
import { changeDay, noticeFailed } from '../../store/index.ts'
import { QuantityField, Select, useUnits, useWithin } from '../../ui/index.ts'

/** Changes where one stands from what it is at that moment. */
export type ChangeStand = (label: string, next: (now: Stand) => Partial<Stand>) => void

interface Props {
  readonly stand: Stand
  readonly day: Day
  readonly air: Air
  readonly onChange: ChangeStand
}

const BANKS = [
  ['right', 'right bank'],
  ['left', 'left bank'],
] as const
const named = <T extends string>(
  all: readonly T[],
  names: Readonly<Record<T, string>>,
): readonly (readonly [T, string])[] => all.map((one) => [one, names[one]])

/** Keeps how much room is behind. */
export const changeRoom = (roomM: number): void =>
  void changeDay('Day: room behind', { answers: { roomBehindM: roomM } }).catch(noticeFailed)

/** Fields of the stand: the same that the picture is dragged to. */
export function StandFields(props: Props) {
  const { stand, day, onChange } = props
  const { show } = useUnits()
  const within = useWithin()
  return (
    <div className="no-print mt-3 grid grid-cols-2 items-end gap-x-4 gap-y-2">
      {day.water !== 'surf' && day.where.by === 'words' && (
        <Select
          label="Looking downstream I stand on the"
          value={stand.bank}
          options={BANKS}
          onChange={(bank) => onChange('bank', () => ({ bank }))}
        />
      )}
      <WindFields {...props} />
      <QuantityField
        label="Room behind me"
        measure="length"
        value={day.roomBehindM}
        onChange={changeRoom}
        refuse={within(JOB_LIMITS.roomBehindM, 'length')}
      />
      <BehindFields {...props} />
      {day.where.by === 'words' ? (
        <QuantityField
          label="I’m wading"
          measure="length"
          value={stand.wadingM}
          onChange={(wadingM) => onChange('wading', () => ({ wadingM }))}
          refuse={within(WADING_LIMITS, 'length')}
        />
      ) : (
        <p className="self-end text-[0.9rem] text-faint">
          {day.water !== 'surf' || day.run.shore === undefined ? 'From the pool: ' : 'From the tide: '}
          {day.water === 'surf' ? '' : `${day.run.bank} bank, `}
          {day.wadingM <= WADING_LIMITS.high ? 'wading' : 'too deep to stand,'} {show(day.wadingM, 'length')}.
        </p>
      )}
      <CasterFields {...props} />
    </div>
  )
}

/** Who says how the wind is, and, by hand, how it is. */
function WindFields({ stand, air: { spot }, onChange }: Props) {
  const within = useWithin()
  const by: readonly (readonly [WindBy, string])[] = [
    ['hand', 'my own reading'],
    ...(spot?.weatherId === undefined ? [] : [['station', 'the weather station'] as const]),
    ...(spot?.prevailing === undefined ? [] : [['usual', 'the usual wind here'] as const]),
  ]
  const says = by.some(([one]) => one === stand.windBy) ? (stand.windBy ?? 'hand') : 'hand'
  return (
    <>
      {by.length > 1 && (
        <Select
          label="Wind from"
          value={says}
          options={by}
          onChange={(windBy) => onChange('where the wind comes from', () => ({ windBy }))}
        />
      )}
      {says === 'hand' && (
        <>
          <Select
            label="Direction"
            value={`${nearestQuarter(stand.wind.fromDeg)}`}
            options={WIND_QUARTERS.map((deg) => [`${deg}`, WIND_WORDS[deg]] as const)}
            onChange={(from) =>
              onChange('wind', ({ wind }) => ({ wind: { ...wind, fromDeg: Number(from) } }))
            }
          />
          <QuantityField
            label="Wind"
            measure="windSpeed"
            value={stand.wind.mps}
            onChange={(mps) => onChange('wind', ({ wind }) => ({ wind: blowing({ ...wind, mps }) }))}
            refuse={within(WIND_LIMITS, 'windSpeed')}
          />
          <QuantityField
            label="In gusts"
            measure="windSpeed"
            value={stand.wind.gustMps ?? stand.wind.mps}
            onChange={(gustMps) => onChange('gusts', ({ wind }) => ({ wind: blowing({ ...wind, gustMps }) }))}
            refuse={within(WIND_LIMITS, 'windSpeed')}
          />
        </>
      )}
    </>
  )
}

/** Obstruction behind, and its height where a back cast might go over it. */
function BehindFields({ stand, air: { spot }, onChange }: Props) {
  const within = useWithin()
  const ofPool = spot?.behind
  const options = named(OBSTRUCTIONS, OBSTRUCTION_NAMES).map(([one, name]): readonly [Obstruction, string] =>
    one === 'none' && ofPool !== undefined
      ? [one, `as always here: ${OBSTRUCTION_NAMES[ofPool]}`]
      : [one, name],
  )
  const there = stand.obstruction === 'none' ? ofPool : stand.obstruction
  return (
    <>
      <Select
        label="Behind me"
        value={stand.obstruction}
        options={options}
        onChange={(obstruction) =>
          onChange('what is behind', ({ behindHighM: _old, ...now }) => ({
            ...now,
            obstruction,
            behindHighM: undefined,
          }))
        }
      />
      {(there === 'brush' || there === 'cliff') && (
        <QuantityField
          label="Its height above the water"
          measure="length"
          value={stand.behindHighM ?? (stand.obstruction === 'none' ? spot?.behindHighM : undefined)}
          onChange={(behindHighM) => onChange('its height', () => ({ behindHighM }))}
          refuse={within(STAND_LIMITS.behindHighM, 'length')}
        />
      )}
    </>
  )
}

const SHOULDERS = [
  ['sound', 'sound'],
  ['sore', 'sore'],
] as const
const HAND_NAMES = [
  ['sound', 'warm'],
  ['cold', 'cold'],
  ['sore', 'sore'],
] as const
const HOLDS = [
  ['loops', 'in loops'],
  ['basket', 'in a basket'],
] as const

/** The one who casts, as they are today. */
function CasterFields({ stand, day, onChange }: Props) {
  const within = useWithin()
  return (
    <>
      <Select
        label="Experience"
        value={stand.skill}
        options={named(SKILLS, SKILL_NAMES)}
        onChange={(skill) => onChange('skill', () => ({ skill }))}
      />
      <Select
        label="My shoulder"
        value={stand.shoulder ?? 'sound'}
        options={SHOULDERS}
        onChange={(one) => onChange('shoulder', () => ({ shoulder: one === 'sore' ? one : undefined }))}
      />
      <Select
        label="My hands"
        value={stand.hands ?? 'sound'}
        options={HAND_NAMES}
        onChange={(one) => onChange('hands', () => ({ hands: one === 'sound' ? undefined : one }))}
      />
      <Select
        label="I hold the line"
        value={stand.basket ? 'basket' : 'loops'}
        options={HOLDS}
        onChange={(one) =>
          onChange('loops or basket', () => ({ basket: one === 'basket' ? true : undefined }))
        }
      />
      {day.water === 'surf' && (
        <QuantityField
          label="Waves, trough to crest"
          measure="length"
          value={stand.swellM ?? 0}
          onChange={(swellM) => onChange('waves', () => ({ swellM }))}
          refuse={within(STAND_LIMITS.swellM, 'length')}
        />
      )}
    </>
  )
}
