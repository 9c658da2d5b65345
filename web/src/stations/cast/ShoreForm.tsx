import { unitFor, unitOf } from '@hoxen/core/quantity'
import { readConstituents, readProfile, type Shore, type TideSource } from '@hoxen/core/tide'
import type { Run } from '@hoxen/core/water'
import { sayTypedProblem } from '@hoxen/core/words'
import { useState } from 'react'
import { editRow, noticeFailed, useDraftState } from '../../store/index.ts'
import { FormName, QuantityField, Select, TextField, useUnits, useWithin } from '../../ui/index.ts'
import { TideFile } from './TideFile.tsx'

interface Props {
  readonly run: Run
}

const BY = [
  ['constituents', 'harmonic constituents'],
  ['file', 'a tide file'],
] as const
/** Limits of a place to stand on a beach, and of its mean level over the datum [m]. */
const LIMITS = { standM: { low: 0, high: 500 }, meanM: { low: -20, high: 20 } } as const

/** The beach as far as it is known; kept as soon as tide and bed are both there. */
function useShore(run: Run) {
  /** Parts so far of a beach that is not whole yet. */
  const [begun, setBegun] = useDraftState<Partial<Shore>>(`shore ${run.id}`, 'begun', {})
  const shore: Partial<Shore> = { ...begun, ...run.shore }
  const save = (label: string, change: Partial<Shore>): void => {
    const next = { ...shore, ...change }
    setBegun(next)
    if (next.station === undefined || next.profile === undefined) return
    const whole: Shore = { station: next.station, profile: next.profile, standM: next.standM ?? 0 }
    editRow(`${run.name}: ${label}`, 'runs', run, { ...run, shore: whole }).catch(noticeFailed)
  }
  return { shore, save }
}

/** The bed of a beach and its tide, as they are written down. */
export function ShoreForm({ run }: Props) {
  const { shore, save } = useShore(run)
  const { profile, standM } = shore
  const within = useWithin()
  return (
    <FormName value={`shore ${run.id}`}>
      <div className="grid gap-x-4 gap-y-2 sm:grid-cols-2">
        <ProfileField profile={profile ?? []} onRead={(read) => save('its bed', { profile: read })} />
        <div className="space-y-2">
          <QuantityField
            label="Where I stand, measured from the start of the bed"
            measure="length"
            value={standM}
            onChange={(m) => save('where I stand', { standM: m })}
            refuse={within(
              { ...LIMITS.standM, high: profile?.at(-1)?.fromM ?? LIMITS.standM.high },
              'length',
            )}
          />
          <TideFields station={shore.station} onSave={(label, station) => save(label, { station })} />
        </div>
      </div>
    </FormName>
  )
}

interface ProfileProps {
  readonly profile: Shore['profile']
  readonly onRead: (profile: Shore['profile']) => void
}

function ProfileField({ profile, onRead }: ProfileProps) {
  const { system } = useUnits()
  const unit = unitFor('length', system)
  return (
    <TextField
      label="The bed from the dry sand out, one point a line: distance, height above datum"
      lines={7}
      value={profile.map(({ fromM, heightM }) => `${typed(fromM, unit)}, ${typed(heightM, unit)}`).join('\n')}
      take={(text) => {
        const read = readProfile(text, unit)
        if (!read.ok) return sayTypedProblem(read.problem)
        onRead(read.value)
        return undefined
      }}
    />
  )
}

interface TideProps {
  readonly station: TideSource | undefined
  readonly onSave: (label: string, station: TideSource) => void
}

/** The tide by its constituents, or from a file. */
function TideFields({ station, onSave }: TideProps) {
  const { system } = useUnits()
  const [by, setBy] = useState<(typeof BY)[number][0]>()
  const way = by ?? (station !== undefined && 'table' in station ? 'file' : 'constituents')
  return (
    <>
      <Select label="Tide from" value={way} options={BY} onChange={setBy} />
      {way === 'file' ? (
        <TideFile source={station} onRead={(read) => onSave('its tide file', read)} />
      ) : (
        <Constituents
          station={station}
          unit={unitFor('length', system)}
          onChange={(next) => onSave('its constituents', next)}
        />
      )}
    </>
  )
}

/** To a hundredth of the unit: nobody sounds a beach finer. */
const typed = (m: number, unit: string): string => `${Number(unitOf(unit).fromSi(m).toFixed(2))} ${unit}`

interface ConstituentsProps {
  readonly station: TideSource | undefined
  readonly unit: string
  readonly onChange: (station: TideSource) => void
}

function Constituents({ station, unit, onChange }: ConstituentsProps) {
  const within = useWithin()
  const now = station !== undefined && 'constituents' in station ? station : { constituents: [], meanM: 0 }
  const { meanM = 0 } = now
  return (
    <>
      <TextField
        label="Constituents, one a line: name, amplitude, phase lag behind Greenwich (°)"
        lines={5}
        value={now.constituents
          .map(({ name, amplitudeM, phaseDeg }) => `${name} ${typed(amplitudeM, unit)} ${phaseDeg}`)
          .join('\n')}
        take={(text) => {
          const read = readConstituents(text, unit)
          if (!read.ok) return sayTypedProblem(read.problem)
          onChange({ constituents: read.value, meanM })
          return undefined
        }}
      />
      <QuantityField
        label="Mean level above datum"
        measure="length"
        value={meanM}
        onChange={(m) => onChange({ ...now, meanM: m })}
        refuse={within(LIMITS.meanM, 'length')}
      />
    </>
  )
}
