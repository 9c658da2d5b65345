import type { Tip } from '@hoxen/core/gear'
import { judge, type RankedRig } from '@hoxen/core/match'
import { type CheckState, statesBySlot } from '@hoxen/core/rig'
import { LEVEL_TIPS_M, nameMaterial, PIECE, type TipSet, tipFacts, tipSets } from '@hoxen/core/sink'
import { useState } from 'react'
import type { Question } from '../../ledger/index.ts'
import { addItem, newId, noticeDone, noticeFailed } from '../../store/index.ts'
import { Button, QuantityField, StateMark, Tag, useUnits } from '../../ui/index.ts'

interface Props {
  readonly question: Question
  readonly rig: RankedRig
}

const LONGEST_M = PIECE.lengthM.high
const HEAVIEST = PIECE.kgPerM.high
/** Sets that are shown: the rest only leave more over. */
const SHOWN = 6

/** Level material by the piece: what a length of it weighs, and into which sets of tips it goes. */
export function ByThePiece({ question, rig }: Props) {
  const { show } = useUnits()
  const [kgPerM, setKgPerM] = useState<number>(PIECE.kgPerM.usual)
  const [pieceM, setPieceM] = useState<number>(PIECE.lengthM.usual)
  const sets = tipSets(pieceM).slice(0, SHOWN)
  const material = nameMaterial(kgPerM, 1).material ?? show(kgPerM, 'massPerLength')
  const tipOf = (lengthM: number): Tip => {
    const name = `${material}, ${show(lengthM, 'length')}`
    return { kind: 'tip', id: newId(name), name, build: 'level', lengthM, kgPerM }
  }
  /** State of the ledger for such a tip before any swing. */
  const stateOf = (lengthM: number) => {
    const parts = { ...rig.parts, tip: tipFacts(tipOf(lengthM)) }
    const checks = judge(parts, question.day).checks.filter(({ code }) => code !== 'depth')
    return statesBySlot(checks).get('tipId') ?? 'holds'
  }
  const keep = async ({ lengthsM }: TipSet): Promise<void> => {
    for (const lengthM of lengthsM) if (!(await addItem(tipOf(lengthM)))) return
    noticeDone(`${lengthsM.length} tips of ${material} added`)
  }
  return (
    <section aria-labelledby="piece-title" className="mt-4 max-w-3xl">
      <h2 id="piece-title" className="text-xl">
        Level material by the piece <Tag tag="physics" />
      </h2>
      <PieceFields kgPerM={kgPerM} pieceM={pieceM} onKgPerM={setKgPerM} onPieceM={setPieceM} />
      {sets.length === 0 ? (
        <p className="mt-3">
          Too short to cut a tip from; the shortest is {show(LEVEL_TIPS_M[0] ?? 0, 'length')}.
        </p>
      ) : (
        <>
          <p className="mt-3 text-[0.95rem] text-faint">
            Sets of tips this piece makes, each judged on {rig.parts.head.head.name} before any swing.
          </p>
          <ul className="mt-1 divide-y divide-rule border-y border-rule">
            {sets.map((set) => (
              <SetRow
                key={set.lengthsM.join()}
                set={set}
                kgPerM={kgPerM}
                stateOf={stateOf}
                onKeep={() => void keep(set).catch(noticeFailed)}
              />
            ))}
          </ul>
        </>
      )}
    </section>
  )
}

interface FieldsProps {
  readonly kgPerM: number
  readonly pieceM: number
  readonly onKgPerM: (kgPerM: number) => void
  readonly onPieceM: (m: number) => void
}

/** A piece by material and length, or by what it weighs. */
function PieceFields({ kgPerM, pieceM, onKgPerM, onPieceM }: FieldsProps) {
  const { show } = useUnits()
  const upTo = (most: number, measure: 'length' | 'massPerLength') => (si: number) =>
    si > 0 && si <= most ? undefined : `Enter up to ${show(most, measure)}.`
  return (
    <div className="mt-2 grid items-start gap-x-4 gap-y-2 sm:grid-cols-3">
      <QuantityField
        label="Material"
        measure="massPerLength"
        value={kgPerM}
        onChange={onKgPerM}
        refuse={upTo(HEAVIEST, 'massPerLength')}
      />
      <QuantityField
        label="Piece"
        measure="length"
        value={pieceM}
        onChange={onPieceM}
        refuse={upTo(LONGEST_M, 'length')}
      />
      <QuantityField
        label="It weighs"
        measure="lineMass"
        value={pieceM * kgPerM}
        onChange={(kg) => onPieceM(kg / kgPerM)}
        refuse={(si) =>
          si > 0 && si / kgPerM <= LONGEST_M
            ? undefined
            : `That is more than ${show(LONGEST_M, 'length')} of it.`
        }
      />
    </div>
  )
}

interface SetProps {
  readonly set: TipSet
  readonly kgPerM: number
  readonly stateOf: (lengthM: number) => CheckState
  readonly onKeep: () => void
}

/** One set of tips out of a piece, each judged, and what is left over. */
function SetRow({ set: { lengthsM, restM }, kgPerM, stateOf, onKeep }: SetProps) {
  const { show } = useUnits()
  return (
    <li data-set={lengthsM.length} className="flex flex-wrap items-center justify-between gap-x-4 py-1">
      <span className="flex flex-wrap gap-x-4">
        {lengthsM.map((lengthM) => (
          <span key={lengthM}>
            <StateMark state={stateOf(lengthM)} /> <b className="font-semibold">{show(lengthM, 'length')}</b>{' '}
            <span className="text-faint">{show(lengthM * kgPerM, 'lineMass')}</span>
          </span>
        ))}
        {restM > 0.01 && <span className="text-faint">{show(restM, 'length')} left over</span>}
      </span>
      <Button onClick={onKeep}>Save these tips</Button>
    </li>
  )
}
