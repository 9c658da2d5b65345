import { type Item, itemsOf } from '@hoxen/core/gear'
import {
  buildLeader,
  dropperPlan,
  indicatorRig,
  type LeaderRecipe,
  leastStrengthN,
  neededStrengthN,
  USUAL_FLY_KNOT,
} from '@hoxen/core/leader'
import type { RankedRig } from '@hoxen/core/match'
import { buttOn, ruleFor, wantsTip } from '@hoxen/core/rig'
import { KNOT_NAMES, sayLeaderWarning } from '@hoxen/core/words'
import { useState } from 'react'
import { Link } from 'react-router'
import type { Question } from '../../ledger/index.ts'
import { addItem, newId, noticeDone, noticeFailed } from '../../store/index.ts'
import { Button, buttonLook, Tag, useUnits } from '../../ui/index.ts'

/** A recipe for this head, tip, fly and fish, from the spools at hand. */
export function LeaderBench({ rig, question }: { readonly rig: RankedRig; readonly question: Question }) {
  const { day } = question
  const { schools } = day
  const [form, setForm] = useState<'stepped' | 'level'>(schools.sinkTipLeader)
  const { show, range } = useUnits()
  const spools = itemsOf(question.gear, 'tippet')
  const rule = ruleFor(rig.parts.rod, rig.parts.head.head.style, rig.parts.tip, day.fly)
  const built = buildLeader(spools, rule, day.fishKg, form, day.flyKnot)
  return (
    <section aria-labelledby="leader-title" className="max-w-3xl">
      <h1 id="leader-title" className="text-2xl">
        Leader
      </h1>
      <p className="mt-1">
        For this head, tip and fly: {range({ low: rule.lowM, high: rule.highM }, 'length')}{' '}
        <Tag tag={rule.tag} />; for fish of {show(day.fishKg, 'fishMass')} a point of about{' '}
        {show(neededStrengthN(day.fishKg, day.flyKnot), 'breakingLoad')}, and of{' '}
        {show(leastStrengthN(day.fishKg, day.flyKnot).holds, 'breakingLoad')} at the least, tied with a{' '}
        {KNOT_NAMES[day.flyKnot ?? USUAL_FLY_KNOT]} <Tag tag="estimate" />
      </p>
      <fieldset className="mt-2 flex gap-x-5">
        <legend className="text-sm text-faint">School</legend>
        {(['stepped', 'level'] as const).map((value) => (
          <label key={value} className="flex min-h-11 items-center gap-2">
            <input
              type="radio"
              name="form"
              checked={form === value}
              onChange={() => setForm(value)}
              className="size-4 accent-river"
            />
            {value === 'stepped'
              ? 'Stepped: turns over, lands off brush'
              : 'One level piece: easily renewed, no knots'}
          </label>
        ))}
      </fieldset>
      {built.outcome === 'built' ? (
        <>
          <Recipe recipe={built.recipe} form={form} />
          <ButtMatch rig={rig} recipe={built.recipe} />
          <Dropper
            leaderM={built.recipe.lengthM}
            fastTip={rule.reason === 'fast-tip'}
            heavy={schools.weightPlace === 'dropper'}
          />
        </>
      ) : (
        <p className="mt-3">
          {built.outcome === 'no-spools'
            ? 'No spool of tippet with a diameter in your gear.'
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

function Recipe({ recipe, form }: { readonly recipe: LeaderRecipe; readonly form: 'stepped' | 'level' }) {
  const { show, system } = useUnits()
  const keep = (): void => {
    const [butt, point] = [recipe.steps[0], recipe.steps.at(-1)]
    if (butt === undefined || point === undefined) return
    const name = `Built ${form}, ${show(recipe.lengthM, 'length')}`
    const item: Item = {
      kind: 'leader',
      id: newId(name),
      name,
      form,
      lengthM: recipe.lengthM,
      buttDiameterM: butt.diameterM,
      pointDiameterM: point.diameterM,
      ...(recipe.weakestN === undefined ? {} : { breakingN: recipe.weakestN }),
    }
    addItem(item).then((did) => did && noticeDone(`${name} is in your gear`), noticeFailed)
  }
  const widest = Math.max(...recipe.steps.map((s) => s.diameterM))
  return (
    <>
      <ol aria-label="Recipe, butt to fly" className="mt-3 divide-y divide-rule border-y border-rule">
        {recipe.steps.map((step) => (
          <li
            key={step.spoolId}
            className="grid grid-cols-[1fr_auto] items-center gap-x-4 py-2 sm:grid-cols-[14rem_1fr_auto]"
          >
            <b className="font-semibold">{step.name}</b>
            <span className="hidden sm:block" aria-hidden="true">
              <span
                className="block rounded-sm bg-ink"
                style={{
                  width: `${(step.lengthM / recipe.lengthM) * 100}%`,
                  height: 2 + (step.diameterM / widest) * 6,
                }}
              />
            </span>
            <span>
              {show(step.lengthM, 'length')} of {show(step.diameterM, 'diameter')}
              {step.breakingN === undefined ? '' : `, ${show(step.breakingN, 'breakingLoad')}`}
            </span>
          </li>
        ))}
      </ol>
      <p className="mt-2">
        {show(recipe.lengthM, 'length')} in all,{' '}
        {recipe.knots === 0 ? 'no knots' : `${recipe.knots} ${recipe.knots === 1 ? 'knot' : 'knots'}`}
        {recipe.weakestN === undefined
          ? '.'
          : `; its weakest piece is a ${show(recipe.weakestN, 'breakingLoad')} spool.`}
      </p>
      {recipe.warnings.map((warning) => (
        <p key={warning} className="mt-1 font-medium text-watch">
          {sayLeaderWarning(warning, system)}
        </p>
      ))}
      <Button weight="strong" className="mt-3" onClick={keep}>
        Keep this leader in my gear
      </Button>
    </>
  )
}

/** Mass per length where the leader meets the line: it must step down, and not by a cliff. */
function ButtMatch({ rig, recipe }: { readonly rig: RankedRig; readonly recipe: LeaderRecipe }) {
  const { show } = useUnits()
  const { kgPerM, behindKgPerM, stepsUp } = buttOn(rig.parts, recipe.steps[0]?.diameterM ?? 0)
  return (
    <p className="mt-2">
      Its butt weighs {show(kgPerM, 'massPerLength')} on a line’s end of {show(behindKgPerM, 'massPerLength')}
      : {stepsUp ? 'it steps up, take a thinner butt' : 'the line carries it'} <Tag tag="physics" />
    </p>
  )
}

interface DropperProps {
  readonly leaderM: number
  readonly fastTip: boolean
  readonly heavy: boolean
}

function Dropper({ leaderM, fastTip, heavy }: DropperProps) {
  const { show } = useUnits()
  const plan = dropperPlan(leaderM, heavy, fastTip)
  return (
    <div className="mt-6">
      <h2 className="text-xl">
        With a dropper <Tag tag="practice" />
      </h2>
      <p>
        Tie in a tippet ring at the end and go on {show(plan.spacingM, 'length')} to the point fly:{' '}
        {show(plan.wholeM, 'length')} in all.{' '}
        {heavy
          ? 'The weight in the dropper, as you prefer it in slow water.'
          : 'The weight in the point fly, as you prefer it in fast water.'}
        {plan.tooLong
          ? ` That is more than ${show(plan.mostM, 'length')} behind a fast tip: shorten the leader first.`
          : ''}
      </p>
    </div>
  )
}

function Indicator({ rig, question }: { readonly rig: RankedRig; readonly question: Question }) {
  const { show, range } = useUnits()
  const { floatToWeight, weightToFlyM } = indicatorRig(question.day.waterDepthM, question.day.currentMps)
  const skagit = wantsTip(rig.parts.head)
  return (
    <div className="mt-6">
      <h2 className="text-xl">
        With an indicator <Tag tag="practice" />
      </h2>
      <p>
        In water {show(question.day.waterDepthM, 'length')} deep: float to weight{' '}
        {range(floatToWeight, 'length')}, weight to fly about {show(weightToFlyM, 'length')}. Start light and
        add.
        {skagit ? ' The Skagit still carries a floating tip.' : ''}
      </p>
    </div>
  )
}
