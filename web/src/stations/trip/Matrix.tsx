import type { Item } from '@hoxen/core/gear'
import { printShare } from '@hoxen/core/quantity'
import type { Mark, MatrixRow } from '@hoxen/core/trip'
import { sayDemand, sayFly, sayWays, sayWhyNot } from '@hoxen/core/words'
import { useUnits } from '../../ui/index.ts'
import { namesOf } from './rows.ts'

interface Props {
  readonly rows: readonly MatrixRow[]
  readonly byId: ReadonlyMap<string, Item>
  /** The item that is pointed at: what needs it lights up. */
  readonly lit: string | undefined
  readonly chosen: string | undefined
  readonly onChoose: (demandId: string) => void
}

/** Every demand of a trip: pools down, flows across, one mark a fly, each filled by the room the kit leaves it. */
export function Matrix({ rows, ...rest }: Props) {
  const across = Math.max(1, ...rows.map(({ cells }) => cells.length))
  return (
    <table
      className="w-full table-fixed border-separate border-spacing-y-[3px] text-left max-sm:block"
      data-matrix
    >
      <caption className="sr-only">
        What the kit covers: pools down, flows across, one mark for each fly
      </caption>
      <colgroup>
        <col className="w-32" />
        {Array.from({ length: across }, (_, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: columns have no other name
          <col key={i} />
        ))}
      </colgroup>
      <tbody className="max-sm:block">
        {rows.map(({ key, run, cells }) => (
          <tr key={key} className="align-top max-sm:grid max-sm:grid-cols-[repeat(3,minmax(0,1fr))]">
            <th
              scope="row"
              className="pt-1 pr-2 text-[0.95rem] leading-tight font-semibold max-sm:col-span-3"
            >
              {run.name}
            </th>
            {cells.map(({ flowM3ps, marks }) => (
              <td key={flowM3ps ?? ''} className="px-0.5">
                <Cell flowM3ps={flowM3ps} marks={marks} {...rest} />
              </td>
            ))}
            {cells.length < across && <td colSpan={across - cells.length} className="max-sm:hidden" />}
          </tr>
        ))}
      </tbody>
    </table>
  )
}

function Cell({
  flowM3ps,
  marks,
  ...rest
}: { readonly flowM3ps: number | undefined; readonly marks: readonly Mark[] } & Omit<Props, 'rows'>) {
  const { show } = useUnits()
  return (
    <div className="rounded-md bg-sheet px-1 py-0.5">
      <p className="px-1 text-[0.75rem] leading-4 text-faint">
        {flowM3ps === undefined ? 'by the tide' : show(flowM3ps, 'flow')}
      </p>
      {marks.map((mark) => (
        <MarkButton key={mark.covered.demand.id} mark={mark} {...rest} />
      ))}
    </div>
  )
}

/** What stands on a mark: the tip that covers it. */
const nameOf = ({ rig }: Mark, byId: Props['byId']): string => {
  if (rig === undefined) return 'nothing'
  const { tipId, headId } = rig.choice
  return byId.get(tipId ?? headId)?.name ?? 'no tip'
}

function MarkButton({ mark, byId, lit, chosen, onChoose }: { readonly mark: Mark } & Omit<Props, 'rows'>) {
  const { system } = useUnits()
  const { covered, rig } = mark
  const { demand } = covered
  const needed = lit !== undefined && rig !== undefined && Object.values(rig.choice).includes(lit)
  // What is written stays legible.
  const faded = lit !== undefined && !needed
  const fly = demand.fly.name ?? sayFly(demand.fly.shape)
  const name = nameOf(mark, byId)
  const how =
    rig === undefined
      ? sayWhyNot(covered.why, system)
      : `${name}, room to spare ${printShare(rig.way.margin)}`
  return (
    <button
      type="button"
      aria-pressed={chosen === demand.id}
      aria-label={`${sayDemand(demand, system)}: ${how}`}
      data-demand={demand.id}
      data-covered={rig !== undefined}
      onClick={() => onChoose(demand.id)}
      className={`flex min-h-11 w-full items-center gap-1.5 rounded px-1 text-left text-[0.82rem] leading-tight hover:bg-shoal aria-pressed:bg-shoal lg:min-h-7 ${needed ? 'bg-shoal outline-2 outline-river' : ''} ${faded ? 'text-faint [&>svg]:opacity-35' : ''}`}
      title={fly}
    >
      <Room margin={rig?.way.margin} watch={rig?.way.verdict === 'watch'} />
      <span className={`min-w-0 flex-1 truncate ${rig === undefined ? 'font-semibold text-breaks' : ''}`}>
        {name}
      </span>
    </button>
  )
}

/** How much room a rig leaves: a bar filled from the left; open and crossed where nothing covers. */
function Room({ margin, watch }: { readonly margin: number | undefined; readonly watch: boolean }) {
  return (
    <svg width="30" height="14" aria-hidden="true" className="shrink-0">
      <rect
        x="0.75"
        y="0.75"
        width="28.5"
        height="12.5"
        rx="2"
        fill="none"
        stroke={margin === undefined ? 'var(--breaks)' : watch ? 'var(--watch)' : 'var(--holds)'}
        strokeWidth="1.5"
      />
      {margin === undefined ? (
        <path d="M4 11L26 3M4 3L26 11" stroke="var(--breaks)" strokeWidth="1.5" />
      ) : (
        <rect
          x="2"
          y="2"
          width={2 + 24 * margin}
          height="10"
          fill={watch ? 'var(--watch)' : 'var(--holds)'}
        />
      )}
    </svg>
  )
}

interface ChosenProps extends Pick<Props, 'byId'> {
  readonly mark: Mark | undefined
  /** In the order of the marks. */
  readonly flies: readonly string[]
}

/** The demand that was chosen, in words: its rig, or why there is none. */
export function Chosen({ mark, flies, byId }: ChosenProps) {
  const { system } = useUnits()
  if (mark === undefined)
    return (
      <p className="text-[0.9rem] text-faint">
        {flies.length > 1 && `In each box: ${flies.join(', then ')}. `}A bar is the room to spare before a rig
        no longer holds; choose one to see its rig. A case is one of them, on one day.
      </p>
    )
  const { covered, rig } = mark
  return (
    <>
      <p role="status" className="text-[0.95rem]" data-chosen>
        <b className="font-semibold">{sayDemand(covered.demand, system)}</b>:{' '}
        {rig === undefined
          ? sayWhyNot(covered.why, system)
          : `${namesOf(Object.values(rig.choice), byId)}, cast at ${rig.way.angleDeg}°.`}
        {covered.demand.seasonAssumed && (
          <span className="text-faint"> Water temperature assumed from the season.</span>
        )}
      </p>
      {covered.ways.length > 0 && <EveryRig covered={covered} byId={byId} />}
    </>
  )
}

/** Rigs listed of one demand. */
const LISTED = 24

/** Every rig that covers a demand, those with most room first. */
function EveryRig({ covered, byId }: { readonly covered: Mark['covered']; readonly byId: Props['byId'] }) {
  const ways = [...covered.ways].sort((a, b) => b.margin - a.margin).slice(0, LISTED)
  return (
    <details>
      <summary className="min-h-11 cursor-pointer content-center text-[0.9rem] text-faint lg:min-h-8">
        {sayWays(covered)}
      </summary>
      <ul className="text-[0.88rem]">
        {ways.map(({ rig, angleDeg, margin }) => (
          <li key={`${Object.values(rig).join()} ${angleDeg}`}>
            {printShare(margin)} {namesOf(Object.values(rig), byId)}
          </li>
        ))}
      </ul>
    </details>
  )
}
