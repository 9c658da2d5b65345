import { frontTapers, TAPER_CARRIED_M } from '@hoxen/core/cast'
import {
  DOUBLE_TAPER_LIMITS,
  doubleTaper,
  equalMassCarry,
  massOfFirst,
  SINGLE_HAND_MAX,
  USUAL_TAPER_M,
} from '@hoxen/core/line'
import { printShare } from '@hoxen/core/quantity'
import { sayAsLineOut, sayLineOut, sayNumberStandsFor, sayShortTaper } from '@hoxen/core/words'
import { useState } from 'react'
import { QuantityField, SaidText, Select, Tag, useUnits, useWithin } from '../../ui/index.ts'

const NUMBERS = Array.from({ length: SINGLE_HAND_MAX }, (_, i) => String(i + 1))
const OPTIONS = NUMBERS.map((n): readonly [string, string] => [n, `no. ${n}`])
/** To begin with: a head of 375 gr, and the carry it stands for on a no. 9 (C3) [kg, m]. [practice] */
const FIRST = { headKg: 0.0243, lengthM: 13.716 } as const

/** Length and mass of a double taper: any length, and the length that weighs what a head weighs. */
export function HowMuchLine() {
  const { show, system } = useUnits()
  const [number, setNumber] = useState('9')
  const [taperM, setTaper] = useState(USUAL_TAPER_M)
  const [lengthM, setLength] = useState<number>(FIRST.lengthM)
  const [headKg, setHead] = useState<number>(FIRST.headKg)
  const made = doubleTaper(Number(number), taperM)
  const carry = equalMassCarry(Number(number), taperM, headKg)
  const within = useWithin()
  const weighs = (m: number): string =>
    made.outcome === 'made' ? show(massOfFirst(made.line, m), 'lineMass') : '–'
  return (
    <>
      <div className="no-print grid max-w-3xl grid-cols-2 items-end gap-x-4 gap-y-2 sm:grid-cols-4">
        <Select label="Single-hand number" value={number} options={OPTIONS} onChange={setNumber} />
        <QuantityField
          label="Front taper"
          measure="length"
          value={taperM}
          onChange={setTaper}
          refuse={within(DOUBLE_TAPER_LIMITS.taperM, 'length')}
        />
        <QuantityField
          label="Line out"
          measure="length"
          value={lengthM}
          onChange={setLength}
          refuse={within(DOUBLE_TAPER_LIMITS.lengthM, 'length')}
        />
        <QuantityField
          label="A head of"
          measure="lineMass"
          value={headKg}
          onChange={setHead}
          refuse={within(DOUBLE_TAPER_LIMITS.headKg, 'lineMass')}
        />
      </div>
      <p className="mt-3 max-w-3xl" data-line-out>
        <SaidText said={sayLineOut(weighs(lengthM), lengthM, Number(number), taperM, system)} />{' '}
        <Tag tag="physics" /> <SaidText said={sayAsLineOut(carry, headKg, system)} />
      </p>
      <p className="mt-2 max-w-3xl">
        {sayNumberStandsFor(Number(number), weighs, system)} <Tag tag="practice" />
      </p>
      <FrontTapers number={Number(number)} />
    </>
  )
}

const cell = 'border-b border-rule px-3 py-1.5 text-right'

/** Why a long front taper casts better in a D loop. */
function FrontTapers({ number }: { readonly number: number }) {
  const { show, system } = useUnits()
  const rows = frontTapers(number)
  const most = Math.max(...rows.map(({ carriedKg }) => carriedKg))
  return (
    <div className="mt-4">
      <h3 className="font-text font-semibold tracking-normal">The front taper in a D loop</h3>
      <table className="mt-1">
        <thead>
          <tr className="text-sm text-faint">
            <th scope="col" className={cell}>
              front taper
            </th>
            <th scope="col" className={cell}>
              carried, {show(TAPER_CARRIED_M, 'length')}
            </th>
            <th scope="col" className={cell}>
              in the upper leg
            </th>
            <th scope="col" className={`${cell} w-40`}>
              <span className="sr-only">drawn</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ taperM, carriedKg, liveKg, liveShare }) => (
            <tr key={taperM}>
              <th scope="row" className={cell}>
                {show(taperM, 'length')}
              </th>
              <td className={cell}>{show(carriedKg, 'lineMass')}</td>
              <td className={cell}>
                {show(liveKg, 'lineMass')}, {printShare(liveShare)}
              </td>
              <td className={cell} aria-hidden="true">
                <span className="block h-3 bg-shoal" style={{ width: `${(carriedKg / most) * 100}%` }}>
                  <span className="block h-3 bg-river" style={{ width: `${liveShare * 100}%` }} />
                </span>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-1 max-w-3xl text-[0.92rem] text-faint">
        Only the upper leg drives the cast: a long front taper leaves little on the water and below, and casts
        better for it. <Tag tag="physics" /> {sayShortTaper(system)} <Tag tag="practice" />
      </p>
    </div>
  )
}
