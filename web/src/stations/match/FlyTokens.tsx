import {
  DRESSES,
  DROPPER_LIMITS,
  FLOATING_FLIES,
  type FlyShape,
  USUAL_DROPPER_M,
  WEIGHTINGS,
} from '@hoxen/core/gear'
import { DRESS_NAMES, FLOATING_NAMES, sayFly, WEIGHTING_NAMES } from '@hoxen/core/words'
import { Suspense } from 'react'
import { useUnits, useWithin } from '../../ui/index.ts'
import { AnswerList, JobToken } from './JobToken.tsx'
import { entries, type TokenProps } from './JobTokens.tsx'
import { QuantityField } from './lazyField.ts'

/** A fly of the angler's own. */
export type NamedFly = FlyShape & { readonly name: string }

/** What the judgement reads of a fly that has a name. */
const shapeOf = ({ dress, weighting, massKg, floats }: FlyShape): FlyShape => ({
  dress,
  weighting,
  ...(massKg === undefined ? {} : { massKg }),
  ...(floats === undefined ? {} : { floats }),
})
const sameShape = (a: FlyShape, b: FlyShape): boolean =>
  a.dress === b.dress && a.weighting === b.weighting && a.massKg === b.massKg && a.floats === b.floats

export function FlyToken({ job, flies, onChange }: TokenProps & { readonly flies: readonly NamedFly[] }) {
  const { dress, weighting, floats } = job.fly
  const set = (fly: FlyShape): void => onChange({ fly }, 'What fly?')
  const own = flies.find((f) => sameShape(f, job.fly) && (f.massKg !== undefined || f.floats !== undefined))
  const kept = floats === undefined ? {} : { floats }
  return (
    <JobToken name="fly" question="What fly?" answer={own?.name ?? `a ${sayFly(job.fly)}`}>
      {(close) => (
        <>
          <p className="text-sm text-faint">Dressing</p>
          <AnswerList
            answers={DRESSES.map((d) => ({ value: d, label: DRESS_NAMES[d] }))}
            chosen={dress}
            onChoose={(d) => set({ dress: d, weighting, ...kept })}
          />
          <p className="mt-2 text-sm text-faint">Weight</p>
          <AnswerList
            answers={WEIGHTINGS.map((w) => ({ value: w, label: WEIGHTING_NAMES[w] }))}
            chosen={weighting}
            onChoose={(w) => set({ dress, weighting: w, ...kept })}
          />
          <p className="mt-2 text-sm text-faint">In the water</p>
          <AnswerList
            answers={[
              { value: undefined, label: 'below the surface' },
              ...FLOATING_FLIES.map((f) => ({ value: f, label: `stays on top: ${FLOATING_NAMES[f]}` })),
            ]}
            chosen={floats}
            onChoose={(f) => set({ dress, weighting, ...(f === undefined ? {} : { floats: f }) })}
          />
          {flies.length > 0 && (
            <>
              <p className="mt-2 text-sm text-faint">Or one of yours</p>
              <AnswerList
                answers={flies.slice(0, 12).map((f) => ({ value: f.name, label: f.name }))}
                chosen={own?.name ?? ''}
                onChoose={(name) => {
                  const fly = flies.find((f) => f.name === name)
                  if (fly) set(shapeOf(fly))
                  close()
                }}
              />
            </>
          )}
        </>
      )}
    </JobToken>
  )
}

/** A second fly on a dropper, and how far up it hangs. */
export function DropperToken({ job, flies, onChange }: TokenProps & { readonly flies: readonly NamedFly[] }) {
  const question = 'A second fly?'
  const { dropper } = job
  const choices = [...PLAIN_FLIES, ...flies.slice(0, 9)]
  const own = dropper && choices.find((f) => sameShape(f, dropper.fly))
  const choose = (name: string, close: () => void): void => {
    const fly = choices.find((f) => f.name === name)
    const { upM = USUAL_DROPPER_M } = dropper ?? {}
    onChange({ dropper: fly && { fly: shapeOf(fly), upM } }, question)
    if (fly === undefined) close()
  }
  return (
    <JobToken
      name="dropper"
      question={question}
      answer={dropper === undefined ? 'no second fly' : (own?.name ?? `a ${sayFly(dropper.fly)}`)}
    >
      {(close) => (
        <>
          <AnswerList
            answers={[
              { value: '', label: 'no second fly' },
              ...choices.map(({ name }) => ({ value: name, label: name })),
            ]}
            chosen={dropper === undefined ? '' : (own?.name ?? '')}
            onChoose={(name) => choose(name, close)}
          />
          {dropper !== undefined && <HowFarUp dropper={dropper} onChange={onChange} />}
        </>
      )}
    </JobToken>
  )
}

/** Flies that need not be one's own. */
const PLAIN_FLIES: readonly NamedFly[] = WEIGHTINGS.map((weighting) => ({
  name: `a ${sayFly({ dress: 'sparse', weighting })}`,
  dress: 'sparse',
  weighting,
}))

interface HowFarProps extends Pick<TokenProps, 'onChange'> {
  readonly dropper: NonNullable<TokenProps['job']['dropper']>
}

function HowFarUp({ dropper, onChange }: HowFarProps) {
  const { show } = useUnits()
  const within = useWithin()
  return (
    <Suspense fallback={<div className="h-[4.3rem]" />}>
      <QuantityField
        label="how far up the leader"
        measure="length"
        value={dropper.upM}
        refuse={within(DROPPER_LIMITS, 'length')}
        onChange={(upM) => onChange({ dropper: { ...dropper, upM } }, 'Where does it hang?')}
      />
      <p className="text-sm text-faint">
        {show(USUAL_DROPPER_M, 'length')} is the usual minimum; any closer and they tangle.
      </p>
    </Suspense>
  )
}

/** Swung round on a tight line, or drifted dead under a float. */
export function IndicatorToken({ job, onChange }: TokenProps) {
  const question = 'How is it fished?'
  return (
    <JobToken
      name="indicator"
      question={question}
      answer={job.indicator ? 'drifted under a float' : 'on the swing'}
    >
      {(close) => (
        <AnswerList
          answers={entries({ swing: 'on the swing', float: 'drifted under a float' })}
          chosen={job.indicator ? 'float' : 'swing'}
          onChoose={(how) => {
            onChange({ indicator: how === 'float' ? true : undefined }, question)
            close()
          }}
        />
      )}
    </JobToken>
  )
}
