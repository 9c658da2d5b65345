import { CHEATER_LIMITS, type Cheater, itemsOf } from '@hoxen/core/gear'
import { type Lengthened, usualCheater } from '@hoxen/core/line'
import type { RankedRig } from '@hoxen/core/match'
import { sayBeforeCheater, sayWithCheater } from '@hoxen/core/words'
import type { Question } from '../../ledger/index.ts'
import { Button, QuantityField, SaidText, Tag, useUnits, useWithin } from '../../ui/index.ts'
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
export function LengthenHead(props: Props) {
  const { question, before, outcome, piece, onPiece } = props
  const { system } = useUnits()
  const { head, massKg, lengthM } = before.parts.head
  const usual = usualCheater(before.parts.head)
  const given = piece ?? usual
  return (
    <section aria-labelledby="lengthen-title" className="mt-4 max-w-3xl">
      <h2 id="lengthen-title" className="text-xl">
        A cheater behind the head <Tag tag="physics" />
      </h2>
      <p className="text-[0.95rem] text-faint">
        {sayBeforeCheater(head.name, { massKg: massKg.value, lengthM }, usual.kgPerM, system)}
      </p>
      <OwnCheaters own={itemsOf(question.gear, 'cheater')} piece={piece} onPiece={onPiece} />
      <CheaterFields given={given} onPiece={onPiece} />
      {outcome === undefined ? (
        <Button className="mt-2" onClick={() => onPiece(given)}>
          Try it behind the head
        </Button>
      ) : outcome !== 'lengthened' ? (
        <p role="alert" className="mt-2 font-medium text-breaks">
          {REFUSED[outcome]}
        </p>
      ) : (
        <Longer {...props} given={given} />
      )}
    </section>
  )
}

interface OwnProps extends Pick<Props, 'piece' | 'onPiece'> {
  readonly own: readonly Cheater[]
}

const OwnCheaters = ({ own, piece, onPiece }: OwnProps) =>
  own.length > 0 && (
    <fieldset className="mt-2 flex flex-wrap gap-2">
      <legend className="sr-only">Cheaters of mine</legend>
      {own.map(({ id, name, lengthM, kgPerM }) => (
        <Button
          key={id}
          aria-pressed={piece?.lengthM === lengthM && piece.kgPerM === kgPerM}
          onClick={() => onPiece({ lengthM, kgPerM })}
        >
          {name}
        </Button>
      ))}
    </fieldset>
  )

interface GivenProps {
  readonly given: Piece
}

function CheaterFields({ given, onPiece }: GivenProps & Pick<Props, 'onPiece'>) {
  const within = useWithin()
  return (
    <div className="mt-2 grid max-w-md items-start gap-x-4 gap-y-2 sm:grid-cols-2">
      <QuantityField
        label="How long"
        measure="length"
        value={given.lengthM}
        onChange={(lengthM) => onPiece({ ...given, lengthM })}
        refuse={within(CHEATER_LIMITS.lengthM, 'length')}
      />
      <QuantityField
        label="Weight per foot or metre"
        measure="massPerLength"
        value={given.kgPerM}
        onChange={(kgPerM) => onPiece({ ...given, kgPerM })}
        refuse={within(CHEATER_LIMITS.kgPerM, 'massPerLength')}
      />
    </div>
  )
}

/** The head with its cheater, beside the head as it is. */
function Longer({ question, before, after, given }: Props & GivenProps) {
  const { show, system } = useUnits()
  const { massKg, lengthM } = after.parts.head
  const whole = { massKg: massKg.value, lengthM }
  return (
    <HeadChange
      question={question}
      before={before}
      after={after}
      name={`${before.parts.head.head.name} + ${show(given.lengthM, 'length')} cheater`}
      keep="Save head and cheater to my gear"
    >
      <p>
        <SaidText said={sayWithCheater(given.lengthM * given.kgPerM, whole, system)} />
      </p>
    </HeadChange>
  )
}
