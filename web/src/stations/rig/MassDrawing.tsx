import type { Schools } from '@hoxen/core/gear'
import type { CutEnd } from '@hoxen/core/line'
import type { RankedRig } from '@hoxen/core/match'
import { carriedAs, jointPlaces, type MassPoint, massCurve, piecesOf, statesBySlot } from '@hoxen/core/rig'
import { SLOT_NAMES, sayCarry } from '@hoxen/core/words'
import type { PointerEvent } from 'react'
import { RigDrawing, stripScale, useHold, useWidth } from '../../drawing/index.ts'
import { SaidText, Tag, useUnits } from '../../ui/index.ts'

const LEFT = 30
const RIGHT = 18

/** A cut through the head, and the handle it is dragged by. */
export interface CutMark {
  /** From the head's rear loop [m]. */
  readonly atM: number
  readonly from: CutEnd
  readonly headM: number
  readonly onCut: (atM: number) => void
  /** Told where it is while it is held; undefined when it is let go. */
  readonly onHold: (atM: number | undefined) => void
}

interface Props {
  readonly rig: RankedRig
  readonly cut?: CutMark | undefined
}

/** Mass per length and mass ahead, on the strip's own length axis. A joint that steps up is seen as a step. */
export function MassDrawing({ rig, cut }: Props) {
  const [ref, width] = useWidth<HTMLDivElement>(900)
  const { show } = useUnits()
  const pieces = piecesOf(rig.parts).filter((p) => p.slot !== 'runningLineId')
  const scale = stripScale(pieces, width, 60, LEFT, RIGHT)
  const curve = massCurve(rig.parts)
  // What the window does not weigh lies at the front: tip and leader, or the leader alone.
  const uncounted = (curve[0]?.aheadKg ?? 0) - rig.massKg
  const joints = jointsOf(rig)
  const x = (m: number): number => LEFT + m * scale.pxPerM
  return (
    <section aria-labelledby="mass-title">
      <h1 id="mass-title" className="text-2xl">
        Weight along the line
      </h1>
      <div ref={ref} className="mt-3 rounded-lg border border-rule bg-sheet py-2">
        <RigDrawing
          pieces={pieces}
          scale={scale}
          width={width}
          height={60}
          states={statesBySlot(rig.checks)}
          bare
        />
        <Curve
          title="Weight per foot"
          points={curve}
          value={(p) => p.kgPerM}
          width={width}
          x={x}
          show={(v) => show(v, 'massPerLength')}
          joints={joints}
          cut={cut && { ...cut, mAt: (px) => (px - LEFT) / scale.pxPerM }}
        />
        <Curve
          title="Weight that counts for the window, from here forward"
          points={curve}
          value={(p) => Math.max(0, p.aheadKg - uncounted)}
          width={width}
          x={x}
          show={(v) => show(v, 'lineMass')}
          band={rig.window}
          joints={[]}
        />
      </div>
    </section>
  )
}

/** Joints, and whether each steps up: that is the ledger's to say, which knows how sure the figures are. */
const jointsOf = (rig: RankedRig) =>
  jointPlaces(rig.parts).map((joint) => ({
    ...joint,
    up: (rig.checks.find((c) => c.code === joint.check)?.state ?? 'holds') !== 'holds',
  }))

/** The same in words. */
export function MassWords({ rig, schools }: { readonly rig: RankedRig; readonly schools: Schools }) {
  const { show, system } = useUnits()
  const joints = jointsOf(rig)
  const { number, carry } = carriedAs(rig.parts, schools)
  return (
    <ul className="mt-5 space-y-1 border-t border-rule pt-3">
      {joints.map((joint) => (
        <li key={joint.slot}>
          To the {SLOT_NAMES[joint.slot].toLowerCase()}: {show(joint.behindKgPerM, 'massPerLength')} →{' '}
          <b className={joint.up ? 'text-breaks' : ''}>{show(joint.aheadKgPerM, 'massPerLength')}</b>
          {joint.up ? ', a step up' : ', carries it'}
        </li>
      ))}
      {carry.outcome === 'found' && (
        <li>
          <SaidText said={sayCarry(carry.carryM, number, rig.parts.head.lengthM, system)} />{' '}
          <Tag tag="physics" />
        </li>
      )}
    </ul>
  )
}

interface CurveProps {
  readonly title: string
  readonly points: readonly MassPoint[]
  readonly value: (point: MassPoint) => number
  readonly width: number
  readonly x: (m: number) => number
  readonly show: (value: number) => string
  readonly joints: readonly { readonly atM: number; readonly up: boolean }[]
  readonly band?: { readonly lowKg: number; readonly highKg: number } | undefined
  readonly cut?: (CutMark & { readonly mAt: (px: number) => number }) | undefined
}

const HEIGHT = 150
/** Below this the words at the right give way to those at the left. */
const NARROW_PX = 600

function Curve({ title, points, value, width, x, show, joints, band, cut }: CurveProps) {
  const { drawing, take } = useHold<number>({
    moved: (was, px) => cut?.mAt(px) ?? was,
    onHold: cut?.onHold,
    onDrop: (atM) => cut?.onCut(atM),
  })
  const top = Math.max(...points.map(value), band?.highKg ?? 0) * 1.1
  const y = (v: number): number => HEIGHT - 22 - (v / top) * (HEIGHT - 44)
  const path = points
    .map((p, i) => `${i === 0 ? 'M' : 'L'}${x(p.atM).toFixed(1)} ${y(value(p)).toFixed(1)}`)
    .join('')
  const end = points.at(-1)?.atM ?? 0
  const [first] = points
  const whole = first ? show(value(first)) : ''
  return (
    <svg
      {...drawing}
      width={width}
      height={HEIGHT}
      role="img"
      aria-label={`${title}: ${whole} at the rear`}
      className="block"
    >
      {band !== undefined && (
        <rect
          x={x(0)}
          y={y(band.highKg)}
          width={x(end) - x(0)}
          height={y(band.lowKg) - y(band.highKg)}
          fill="var(--river)"
          fillOpacity="0.18"
        />
      )}
      <path d={`M${x(0)} ${y(0)}H${x(end)}`} stroke="var(--ink)" />
      <path d={`${path}L${x(end)} ${y(0)}L${x(0)} ${y(0)}Z`} fill="var(--ink)" fillOpacity="0.1" />
      <path d={path} fill="none" stroke="var(--ink)" strokeWidth="2" />
      <Joints joints={joints} x={x} bottom={y(0)} />
      {cut && <CutHandle cut={cut} x={x} bottom={y(0)} onTake={take(cut.atM)} />}
      <text x={x(0)} y={14} fontSize="12.5" fontWeight="600" fill="var(--ink)">
        {title}
      </text>
      <text x={width - RIGHT} y={14} fontSize="12.5" textAnchor="end" fill="var(--faint)">
        {band === undefined
          ? `highest ${show(top / 1.1)}`
          : `${whole}${width < NARROW_PX ? '' : ' in all; the bar is the rod’s window'}`}
      </text>
    </svg>
  )
}

/** Where parts are joined; one that steps up is seen. */
const Joints = ({ joints, x, bottom }: Pick<CurveProps, 'joints' | 'x'> & { readonly bottom: number }) =>
  joints.map(({ atM, up }) => (
    <path
      key={atM}
      d={`M${x(atM)} 20V${bottom}`}
      stroke={up ? 'var(--breaks)' : 'var(--faint)'}
      strokeWidth={up ? 2.5 : 1}
      strokeDasharray={up ? undefined : '3 3'}
    />
  ))

/** Handle of the cut: what comes off is struck out, and the cut is dragged by its grip. For the keyboard there is the slider below. */
function CutHandle({
  cut,
  x,
  bottom,
  onTake,
}: {
  readonly onTake: (event: PointerEvent) => void
  readonly cut: NonNullable<CurveProps['cut']>
  readonly x: (m: number) => number
  readonly bottom: number
}) {
  const at = x(cut.atM)
  const off: readonly [number, number] = cut.from === 'rear' ? [x(0), at] : [at, x(cut.headM)]
  return (
    <g data-cut-handle style={{ cursor: 'ew-resize', touchAction: 'none' }} onPointerDown={onTake}>
      <rect
        x={off[0]}
        y={20}
        width={Math.max(0, off[1] - off[0])}
        height={bottom - 20}
        fill="var(--sheet)"
        fillOpacity="0.75"
      />
      <path
        d={`M${off[0]} ${bottom}L${off[1]} 20`}
        stroke="var(--faint)"
        strokeWidth={off[1] - off[0] > 2 ? 1 : 0}
      />
      <rect x={at - 22} y={14} width={44} height={bottom} fill="transparent" />
      <path d={`M${at} 20V${bottom + 6}`} stroke="var(--river)" strokeWidth="2" />
      <circle cx={at} cy={bottom + 8} r="8" fill="var(--river)" stroke="var(--sheet)" strokeWidth="2" />
    </g>
  )
}
