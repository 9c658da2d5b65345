import { unitOf } from '@hoxen/core/quantity'

import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import {
  benchObjects,
  hasSerial,
  knockBench,
  putOnBench,
  type Scale,
  type ScaleEnd,
  serialScale,
  standIn,
  unplugBench,
} from '../../scale/index.ts'

import { noticeFailed } from '../../store/index.ts'

import { Button, fieldLook, useUnits } from '../../ui/index.ts'

import { Naming } from './Naming.tsx'
import { SettlingTrace } from './SettlingTrace.tsx'

import { useScale } from './useScale.ts'

const ENDS: Readonly<Record<ScaleEnd, string>> = {
  unplugged: 'The scale was unplugged. Its last settled reading is below; plug it in and start again.',
  nonsense:
    'The scale’s readings can’t be understood. Check the cable, and that it sends one reading per line (“7.16 g stable”), then reconnect.',
  refused: 'No scale was chosen, or the browser isn’t allowed to use it.',
}

/** Weigh a head or an unknown tip, and know what it is. */
export function WeighBench() {
  const [scale, setScale] = useState<Scale>()
  const { reading, trace, ended } = useScale(scale)
  const [kept, setKept] = useState<number>()
  return (
    <section aria-labelledby="weigh-title">
      <h1 id="weigh-title" className="text-2xl">
        Weigh and name
      </h1>
      <div className="no-print mt-2 rounded-lg border border-rule bg-sheet px-4 py-3">
        <div className="grid items-center gap-x-6 gap-y-2 sm:grid-cols-[15rem_minmax(0,1fr)]">
          <Display reading={reading} keptKg={kept} />
          <SettlingTrace trace={trace} />
        </div>
        <ScaleButtons reading={reading} scale={scale} onScale={setScale} onKeep={setKept} />
        {ended !== undefined && (
          <p role="alert" className="mt-3 font-medium text-breaks">
            {ENDS[ended]}
          </p>
        )}
      </div>
      <Naming massKg={kept} onMass={setKept} />
    </section>
  )
}

interface DisplayProps {
  readonly reading: ReturnType<typeof useScale>['reading']
  /** The reading that is used [kg]. */
  readonly keptKg: number | undefined
}

/** What the scale shows, and whether it has settled. */
function Display({ reading, keptKg }: DisplayProps) {
  const { show } = useUnits()
  return (
    <p>
      <output
        aria-label="Scale"
        className="font-display block text-5xl font-semibold"
        data-stable={reading?.stable ?? false}
      >
        {reading === undefined ? '–' : `${reading.grams.toFixed(2)} g`}
      </output>
      <span className={reading?.stable ? 'font-semibold text-holds' : 'text-faint'}>
        {reading === undefined ? 'no scale yet' : reading.stable ? 'settled' : 'settling…'}
      </span>
      {keptKg !== undefined && <span className="block">Reading: {show(keptKg, 'lineMass')}.</span>}
    </p>
  )
}

interface ButtonsProps extends Pick<DisplayProps, 'reading'> {
  readonly scale: Scale | undefined
  readonly onScale: (scale: Scale) => void
  readonly onKeep: (kg: number) => void
}

const ScaleButtons = ({ reading, scale, onScale, onKeep }: ButtonsProps) => (
  <div className="mt-2 flex flex-wrap items-end gap-2">
    {reading !== undefined && (
      <Button
        weight="strong"
        disabled={!reading.stable || reading.grams <= 0.05}
        onClick={() => onKeep(unitOf('g').toSi(reading.grams))}
      >
        Use this reading
      </Button>
    )}
    {/* Another object each time: the same scale starts anew. */}
    <Button weight={scale === undefined ? 'strong' : 'quiet'} onClick={() => onScale({ ...standIn })}>
      Start the demo scale
    </Button>
    <Button
      onClick={() => onScale(serialScale())}
      disabled={!hasSerial()}
      title={hasSerial() ? '' : 'This browser can’t use serial devices'}
    >
      Connect a scale by cable
    </Button>
    <Button disabled={scale === undefined} onClick={() => void scale?.tare().catch(noticeFailed)}>
      Tare
    </Button>
    {scale !== undefined && <Bench />}
  </div>
)

/** Stand-in bench: what lies on it, and what can happen to it. */
function Bench() {
  const objects = useQuery({ queryKey: ['bench'], queryFn: benchObjects })
  return (
    <details className="basis-full">
      <summary className="min-h-11 cursor-pointer content-center text-sm text-faint">Demo scale</summary>
      <div className="flex flex-wrap items-end gap-2">
        <label className="text-sm text-faint">
          On the demo scale
          <select
            className={`${fieldLook} !mt-0`}
            onChange={(event) => void putOnBench(event.target.value).catch(noticeFailed)}
          >
            {objects.data?.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </label>
        <Button weight="quiet" onClick={() => void knockBench().catch(noticeFailed)}>
          Knock the cable
        </Button>
        <Button weight="quiet" onClick={() => void unplugBench().catch(noticeFailed)}>
          Pull the plug
        </Button>
      </div>
    </details>
  )
}
