import { type Dimension, parseQuantity, printExact, spokenUnit, UNITS } from '@hoxen/core/quantity'
import { sayProblem } from '@hoxen/core/words'
import { useId, useState } from 'react'
import { DECIMAL_MARK, fieldLook, useUnits } from '../../ui/index.ts'

/** Nobody looks up seconds in minutes. */
type Converted = Exclude<Dimension, 'time'>

const DIMENSIONS: Readonly<Record<Converted, { readonly name: string; readonly first: string }>> = {
  mass: { name: 'Weight', first: '525 gr' },
  length: { name: 'Length and diameter', first: '23 ft 6 in' },
  speed: { name: 'Sink rate and current', first: '6.5 ips' },
  massPerLength: { name: 'Weight per length', first: 'T-11' },
  flow: { name: 'Flow', first: '18 m³/s' },
  temperature: { name: 'Temperature', first: '41 °F' },
  force: { name: 'Breaking strain', first: '30 lb' },
}

/** Type a figure in any unit; see it in every other. */
export function Converter() {
  const [dimension, setDimension] = useState<Converted>('mass')
  const [text, setText] = useState(DIMENSIONS.mass.first)
  const { system } = useUnits()
  const units = UNITS.filter((u) => u.dimension === dimension)
  const read = parseQuantity(text, dimension, units[0]?.symbol ?? '', DECIMAL_MARK)
  const problem = read.ok
    ? undefined
    : sayProblem({ path: [], code: read.code, data: 'unit' in read ? { unit: read.unit } : {} }, system)
  const choose = (chosen: Converted): void => {
    setDimension(chosen)
    setText(DIMENSIONS[chosen].first)
  }
  return (
    <section id="convert" aria-labelledby="convert-title" className="scroll-mt-32">
      <h2 id="convert-title" className="text-xl">
        Convert
      </h2>
      <DimensionList chosen={dimension} onChoose={choose} />
      <div className="mt-3 grid gap-x-8 gap-y-3 sm:grid-cols-[16rem_1fr]">
        <TypedFigure text={text} onText={setText} problem={problem} />
        <dl
          className="grid grid-cols-2 gap-x-6 self-start sm:grid-cols-3"
          aria-label="The same in other units"
        >
          {units.map(({ symbol }) => (
            <div key={symbol} className="flex items-baseline justify-between border-b border-rule py-1.5">
              <dt className="text-faint">{spokenUnit(symbol)}</dt>
              <dd className="text-[1.05rem] font-semibold" data-unit={symbol}>
                {read.ok ? shortFigure(read.si, symbol) : '—'}
              </dd>
            </div>
          ))}
        </dl>
      </div>
      <p className="mt-2 text-[0.85rem] text-faint">
        1 grain is exactly 64.79891 mg. X and gō follow their standards’ formulas, quoted from memory.
      </p>
    </section>
  )
}

interface ListProps {
  readonly chosen: Converted
  readonly onChoose: (dimension: Converted) => void
}

const DimensionList = ({ chosen, onChoose }: ListProps) => (
  <ul className="mt-2 flex flex-wrap gap-1.5" aria-label="What to convert">
    {(Object.keys(DIMENSIONS) as Converted[]).map((d) => (
      <li key={d}>
        <button
          type="button"
          aria-pressed={d === chosen}
          onClick={() => onChoose(d)}
          className="min-h-11 rounded-full border border-rule px-3 hover:bg-shoal aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-paper"
        >
          {DIMENSIONS[d].name}
        </button>
      </li>
    ))}
  </ul>
)

interface TypedProps {
  readonly text: string
  readonly onText: (text: string) => void
  readonly problem: string | undefined
}

/** The figure as it is typed, and what is wrong with it. */
function TypedFigure({ text, onText, problem }: TypedProps) {
  const id = useId()
  return (
    <div>
      <label htmlFor={id} className="text-sm text-faint">
        Figure, in any unit
      </label>
      <input
        id={id}
        value={text}
        autoComplete="off"
        onChange={(event) => onText(event.target.value)}
        aria-invalid={problem !== undefined}
        aria-describedby={`${id}-says`}
        className={fieldLook}
      />
      <p id={`${id}-says`} role="status" className="mt-1 text-sm font-medium text-breaks">
        {problem}
      </p>
    </div>
  )
}

/** Five figures are more than any scale or tape gives. */
function shortFigure(si: number, symbol: string): string {
  const [figure = ''] = printExact(si, symbol).split(' ')
  return String(Number(Number(figure).toPrecision(5)))
}
