import { itemSchema, itemsOf, type Leader } from '@hoxen/core/gear'
import {
  buildLeader,
  dropperPlan,
  indicatorRig,
  LEAST_PIECE_M,
  type LeaderRecipe,
  leaderFrom,
  USUAL_FLY_KNOT,
  withEndAt,
  withPiece,
} from '@hoxen/core/leader'
import type { RankedRig, Remedy } from '@hoxen/core/match'
import { buttOn, type CheckCode, ledger, ruleFor, wantsTip } from '@hoxen/core/rig'
import { sayDropper, sayIndicator, sayLeaderLength, sayLeaderWarning, sayPoint } from '@hoxen/core/words'
import { useState } from 'react'
import { Link } from 'react-router'
import { Ledger, type Question } from '../../ledger/index.ts'
import { addItem, dropDraft, newId, noticeDone, noticeFailed, useDraftState } from '../../store/index.ts'
import { Button, buttonLook, OneOf, QuantityField, Tag, useUnits, useWithin } from '../../ui/index.ts'
import { type HeldEnd, LeaderPicture } from './LeaderPicture.tsx'

/** The lines of the ledger that a leader decides. */
const LEADER_LINES: readonly CheckCode[] = ['leader-length', 'leader-fish', 'leader-joint']
/** Recipes as they were put right by hand, each under the one it was built as. */
const FORM = 'leader'
const NO_REMEDIES: ReadonlyMap<CheckCode, Remedy> = new Map()

interface BenchProps {
  readonly rig: RankedRig
  readonly question: Question
}

/** A recipe for this head, tip, fly and fish, from the spools at hand. */
export function LeaderBench({ rig, question }: BenchProps) {
  const { day } = question
  const [form, setForm] = useState<Form>(day.schools.sinkTipLeader)
  const { system } = useUnits()
  const spools = itemsOf(question.gear, 'tippet')
  const rule = ruleFor(rig.parts.rod, rig.parts.head.head.style, rig.parts.tip, day.fly)
  const built = buildLeader(spools, rule, day.fishKg, form, day.flyKnot)
  return (
    <section aria-labelledby="leader-title">
      <h1 id="leader-title" className="text-2xl">
        Leader
      </h1>
      <p className="mt-1">
        {sayLeaderLength(rule, system)} <Tag tag={rule.tag} />.{' '}
        {sayPoint(day.fishKg, day.flyKnot ?? USUAL_FLY_KNOT, system)} <Tag tag="estimate" />
      </p>
      <div className="mt-2 mb-2">
        <OneOf legend="School" value={form} options={FORMS} onChoose={setForm} />
      </div>
      {built.outcome === 'built' ? (
        <Recipe
          key={JSON.stringify(built.recipe.steps)}
          built={built.recipe}
          form={form}
          rig={rig}
          question={question}
          fastTip={rule.reason === 'fast-tip'}
        />
      ) : (
        <p className="mt-3">
          {built.outcome === 'no-spools'
            ? 'No tippet in your gear has a diameter.'
            : 'None of your spools is strong enough for this fish.'}{' '}
          <Link to="/gear/new/tippet" className={buttonLook('quiet')}>
            Add a spool
          </Link>
        </p>
      )}
      <Indicator rig={rig} question={question} />
    </section>
  )
}

const FORMS = [
  ['stepped', 'Stepped: turns over well, lands clear of the brush'],
  ['level', 'One level piece: quickly replaced, no knots'],
] as const
type Form = (typeof FORMS)[number][0]

interface RecipeProps {
  /** Start over; by hand it becomes another. */
  readonly built: LeaderRecipe
  readonly form: Form
  readonly rig: RankedRig
  readonly question: Question
  readonly fastTip: boolean
}

/** The leader as a picture to be put right, piece by piece, and what the ledger says of it. */
function Recipe({ built, form, rig, question, fastTip }: RecipeProps) {
  const { show, system } = useUnits()
  const [put, setRecipe] = useDraftState(FORM, JSON.stringify(built.steps), built)
  const [held, setHeld] = useState<HeldEnd>()
  const recipe = held === undefined ? put : withEndAt(put, held.index, held.atM)
  const [withDropper, setWithDropper] = useState(question.day.dropper !== undefined)
  const { weightPlace } = question.day.schools
  const plan = dropperPlan(recipe.lengthM, weightPlace === 'dropper', fastTip)
  const { behindKgPerM } = buttOn(rig.parts, recipe.steps[0]?.diameterM ?? 0)
  const leader = leaderFrom(recipe, form, {
    id: 'built',
    name: `Built ${form}, ${show(recipe.lengthM, 'length')}`,
  })
  return (
    <>
      <LeaderPicture
        recipe={recipe}
        behind={`${rig.parts.tip?.item.name ?? rig.parts.head.head.name}, ${show(behindKgPerM, 'massPerLength')}`}
        spacingM={withDropper ? plan.spacingM : undefined}
        onEnd={(index, atM) => setRecipe(withEndAt(put, index, atM))}
        onHold={setHeld}
      />
      <p className="mt-1 text-[0.88rem] text-faint">
        Drag a knot or the fly, or use the arrow keys. Above each piece: its length and thickness. Below: what
        it breaks at.
      </p>
      <Pieces recipe={recipe} onChange={setRecipe} />
      <RecipeRow
        recipe={recipe}
        withDropper={withDropper}
        onDropper={setWithDropper}
        onSave={() => keepLeader(leader)}
        onOver={JSON.stringify(recipe) === JSON.stringify(built) ? undefined : () => setRecipe(built)}
      />
      {withDropper && (
        <p className="mt-1">
          {sayDropper(plan, weightPlace, system)} <Tag tag="practice" />
        </p>
      )}
      {recipe.warnings.map((warning) => (
        <p key={warning} className="mt-1 font-medium text-watch">
          {sayLeaderWarning(warning, system)}
        </p>
      ))}
      <LeaderLedger leader={leader} rig={rig} question={question} />
    </>
  )
}

interface RowProps {
  readonly recipe: LeaderRecipe
  readonly withDropper: boolean
  readonly onDropper: (withDropper: boolean) => void
  readonly onSave: () => void
  /** Back to the recipe as it was worked out; undefined while nothing has been changed. */
  readonly onOver: (() => void) | undefined
}

const RecipeRow = ({ recipe: { knots }, withDropper, onDropper, onSave, onOver }: RowProps) => (
  <div className="mt-2 flex flex-wrap items-center gap-x-5 gap-y-2">
    <label className="flex min-h-11 items-center gap-2">
      <input
        type="checkbox"
        checked={withDropper}
        onChange={({ target }) => onDropper(target.checked)}
        className="size-5"
      />
      With a dropper, on a tippet ring
    </label>
    <Button weight="strong" onClick={onSave}>
      Save this leader to my gear
    </Button>
    {onOver !== undefined && <Button onClick={onOver}>Start over</Button>}
    <span className="text-faint">
      {knots === 0 ? 'no knots' : `${knots} ${knots === 1 ? 'knot' : 'knots'}`}
    </span>
  </div>
)

/** What of the rig's ledger the leader decides. */
function LeaderLedger({ leader, rig, question }: BenchProps & { readonly leader: Leader }) {
  const checks = ledger({ ...rig.parts, leader }, question.day, rig.swung)
  return (
    <div className="mt-4">
      <Ledger
        checks={checks.filter(({ code }) => LEADER_LINES.includes(code))}
        remedies={NO_REMEDIES}
        items={question.byId}
        onTake={() => undefined}
      />
    </div>
  )
}

/** Keeps a built leader as a thing of one's own. */
function keepLeader(leader: Leader): void {
  const item = itemSchema.safeParse({ ...leader, id: newId(leader.name) })
  if (item.success)
    addItem(item.data).then((did) => {
      if (!did) return
      void dropDraft(FORM)
      noticeDone(`${leader.name} is in your gear`)
    }, noticeFailed)
}

interface PiecesProps {
  readonly recipe: LeaderRecipe
  readonly onChange: (recipe: LeaderRecipe) => void
}

/** The pieces by their lengths, butt first. */
function Pieces({ recipe, onChange }: PiecesProps) {
  const { show } = useUnits()
  const within = useWithin()
  return (
    <ol
      aria-label="Recipe, butt to fly"
      className="mt-3 grid grid-cols-2 gap-x-3 gap-y-2 sm:grid-cols-3 lg:grid-cols-6"
    >
      {recipe.steps.map((step, i) => (
        <li key={step.spoolId}>
          <QuantityField
            label={`${step.name}${step.breakingN === undefined ? '' : `, ${show(step.breakingN, 'breakingLoad')}`}`}
            measure="length"
            value={step.lengthM}
            onChange={(m) => onChange(withPiece(recipe, i, m))}
            refuse={within({ low: LEAST_PIECE_M, high: 9 }, 'length')}
          />
        </li>
      ))}
    </ol>
  )
}

function Indicator({ rig, question }: { readonly rig: RankedRig; readonly question: Question }) {
  const { system } = useUnits()
  const { waterDepthM, currentMps } = question.day
  const indicator = indicatorRig(waterDepthM, currentMps)
  const skagit = wantsTip(rig.parts.head)
  return (
    <div className="mt-6">
      <h2 className="text-xl">
        With an indicator <Tag tag="practice" />
      </h2>
      <p>
        {sayIndicator(indicator, waterDepthM, system)}
        {skagit ? ' The Skagit still carries a floating tip.' : ''}
      </p>
    </div>
  )
}
