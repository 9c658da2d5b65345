import { CHEATER_LIMITS, type Cheater, itemsOf } from '@hoxen/core/gear'
import { type Lengthened, usualCheater } from '@hoxen/core/line'
import type { RankedRig } from '@hoxen/core/match'
import { sayBeforeCheater, sayWithCheater } from '@hoxen/core/words'
import type { Question } from '../../ledger/index.ts'
import { Button, SaidText, Tag, useUnits, useWithin } from '../../ui/index.ts'
import { QuantityField } from '../../ui/QuantityField.tsx'
import { HeadChange } from './HeadChange.tsx'

/** A level piece, of one's own or only thought of. */
export type Piece = Pick<Cheater, 'lengthM' | 'kgPerM'>

interface Props {
  readonly question: Question
  readonly before: RankedRig
  readonly after: RankedRig
  readonly outcome: Lengthened['outcome'] | undefined
  readonly piece: Piece | undefined
  readonly onPiece: (piece: Piece | undefined) => void
}

const REFUSED: Readonly<Record<Exclude<Lengthened['outcome'], 'lengthened'>, string>> = {
  'one-piece': 'This is an integrated line: there is no loop behind its head for a cheater.',
  'has-one': 'This head already has a cheater. Choose the bare head, or make the cheater longer.',
}

/** A cheater behind the head: what it adds, how its joints stand, and which longer rod that serves. */
export function LengthenHead({ question, before, after, outcome, piece, onPiece }: Props) {
  const { show, system } = useUnits()
  const { head, massKg, lengthM } = before.parts.head
  const own = itemsOf(question.gear, 'cheater')
  const usual = usualCheater(before.parts.head)
  const given = piece ?? usual
  const within = useWithin()

  const long = after.parts.head
  const whole = { massKg: long.massKg.value, lengthM: long.lengthM }

  return (
    <section aria-labelledby="lengthen-title" className="mt-4 max-w-3xl">
      <h2 id="lengthen-title" className="text-xl">
        A cheater behind the head <Tag tag="physics" />
      </h2>
      <p className="text-[0.95rem] text-faint">
        {sayBeforeCheater(head.name, { massKg: massKg.value, lengthM }, usual.kgPerM, system)}
      </p>
      {own.length > 0 && (
        <fieldset className="mt-2 flex flex-wrap gap-2">
          <legend className="sr-only">Cheaters of mine</legend>
          {own.map((cheater) => (
            <Button
              key={cheater.id}
              aria-pressed={piece?.lengthM === cheater.lengthM && piece.kgPerM === cheater.kgPerM}
              onClick={() => onPiece({ lengthM: cheater.lengthM, kgPerM: cheater.kgPerM })}
            >
              {cheater.name}
            </Button>
          ))}
        </fieldset>
      )}
      <div className="mt-2 grid max-w-md items-start gap-x-4 gap-y-2 sm:grid-cols-2">
        <QuantityField
          label="How long"
          measure="length"
          value={given.lengthM}
          onChange={(value) => onPiece({ ...given, lengthM: value })}
          refuse={within(CHEATER_LIMITS.lengthM, 'length')}
        />
        <QuantityField
          label="Weight per foot or metre"
          measure="massPerLength"
          value={given.kgPerM}
          onChange={(value) => onPiece({ ...given, kgPerM: value })}
          refuse={within(CHEATER_LIMITS.kgPerM, 'massPerLength')}
        />
      </div>
      {outcome === undefined ? (
        <Button className="mt-2" onClick={() => onPiece(given)}>
          Try it behind the head
        </Button>
      ) : outcome !== 'lengthened' ? (
        <p role="alert" className="mt-2 font-medium text-breaks">
          {REFUSED[outcome]}
        </p>
      ) : (
        <HeadChange
          question={question}
          before={before}
          after={after}
          name={`${head.name} + ${show(given.lengthM, 'length')} cheater`}
          keep="Save head and cheater to my gear"
        >
          <p>
            <SaidText said={sayWithCheater(given.lengthM * given.kgPerM, whole, system)} />
          </p>
        </HeadChange>
      )}
    </section>
  )
}
