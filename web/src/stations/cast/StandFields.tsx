import { SKILLS } from '@hoxen/core/cast'
import { OBSTRUCTIONS } from '@hoxen/core/water'
import { type Day, JOB_LIMITS, type Stand, WADING_LIMITS, WIND_LIMITS } from '@hoxen/core/day'
import { OBSTRUCTION_NAMES, SKILL_NAMES } from '@hoxen/core/words'
import { changeKept, noticeFailed } from '../../store/index.ts'
import { QuantityField, Select, useUnits } from '../../ui/index.ts'

/** Changes where one stands from what it is at that moment. */
export type ChangeStand = (label: string, next: (now: Stand) => Partial<Stand>) => void

interface Props {
  readonly stand: Stand
  readonly day: Day
  readonly onChange: ChangeStand
}

const BANKS = [
  ['right', 'right bank'],
  ['left', 'left bank'],
] as const
/** From where the wind blows, in words; by the quarter one faces. */
const FROM = [
  ['0', 'ahead'],
  ['45', 'ahead, from the right'],
  ['90', 'the right'],
  ['135', 'behind, from the right'],
  ['180', 'behind'],
  ['225', 'behind, from the left'],
  ['270', 'the left'],
  ['315', 'ahead, from the left'],
] as const
type From = (typeof FROM)[number][0]
const nearestFrom = (deg: number): From => FROM[Math.round(deg / 45) % FROM.length]?.[0] ?? '0'
const named = <T extends string>(
  all: readonly T[],
  names: Readonly<Record<T, string>>,
): readonly (readonly [T, string])[] => all.map((one) => [one, names[one]])

/** Where one stands, in fields: the same that the picture is dragged to. */
export function StandFields({ stand, day, onChange }: Props) {
  const { range, show } = useUnits()
  const within =
    (low: number, high: number, measure: 'length' | 'windSpeed') =>
    (si: number): string | undefined =>
      si >= low && si <= high ? undefined : `${range({ low, high }, measure)}, please.`
  const { roomBehindM } = JOB_LIMITS
  return (
    <div className="no-print mt-3 grid gap-x-4 gap-y-2 sm:grid-cols-2">
      {day.water !== 'surf' && day.where.by === 'words' && (
        <Select
          label="Looking downstream I stand on the"
          value={stand.bank}
          options={BANKS}
          onChange={(bank) => onChange('bank', () => ({ bank }))}
        />
      )}
      <Select
        label="Wind from"
        value={nearestFrom(stand.wind.fromDeg)}
        options={FROM}
        onChange={(from) => onChange('wind', ({ wind }) => ({ wind: { ...wind, fromDeg: Number(from) } }))}
      />
      <QuantityField
        label="Wind"
        measure="windSpeed"
        value={stand.wind.mps}
        onChange={(mps) => onChange('wind', ({ wind }) => ({ wind: { ...wind, mps } }))}
        refuse={within(WIND_LIMITS.low, WIND_LIMITS.high, 'windSpeed')}
      />
      <QuantityField
        label="Room behind me"
        measure="length"
        value={day.roomBehindM}
        onChange={(roomM) =>
          void changeKept('Job: room behind', 'job', (job) => ({ ...job, roomBehindM: roomM })).catch(
            noticeFailed,
          )
        }
        refuse={within(roomBehindM.low, roomBehindM.high, 'length')}
      />
      <Select
        label="Behind me"
        value={stand.obstruction}
        options={named(OBSTRUCTIONS, OBSTRUCTION_NAMES)}
        onChange={(obstruction) => onChange('what is behind', () => ({ obstruction }))}
      />
      {day.where.by === 'words' ? (
        <QuantityField
          label="I stand in"
          measure="length"
          value={stand.wadingM}
          onChange={(wadingM) => onChange('wading', () => ({ wadingM }))}
          refuse={within(WADING_LIMITS.low, WADING_LIMITS.high, 'length')}
        />
      ) : (
        <p className="self-end text-[0.9rem] text-faint">
          As the pool says: {day.water === 'surf' ? '' : `${day.run.bank} bank, `}standing in{' '}
          {show(day.wadingM, 'length')}.
        </p>
      )}
      <Select
        label="My casting"
        value={stand.skill}
        options={named(SKILLS, SKILL_NAMES)}
        onChange={(skill) => onChange('skill', () => ({ skill }))}
      />
    </div>
  )
}
