import { FIRST_SEASON, type SeasonStep } from '@hoxen/core/words'
import { useState } from 'react'
import { Link } from 'react-router'
import { Button, buttonLook } from '../../ui/index.ts'
import { Sitting } from './Sitting.tsx'
import { StepDrawing } from './StepDrawing.tsx'

const QUESTIONS = 5

/** One step of a first season: a drawing that moves, a few sentences, five questions; nothing is locked. */
export function StepPage({ step }: { readonly step: SeasonStep }) {
  const [asking, setAsking] = useState(false)
  const at = FIRST_SEASON.indexOf(step)
  const after = FIRST_SEASON[at + 1]
  if (asking) return <Sitting kinds={step.kinds} of={QUESTIONS} onDone={() => setAsking(false)} />
  return (
    <article className="mx-auto max-w-3xl" data-step={step.id}>
      <p className="text-[0.9rem] text-faint">
        A first season, {at + 1} of {FIRST_SEASON.length}
      </p>
      <h1 className="text-2xl">{step.title}</h1>
      <StepDrawing id={step.id} />
      <p className="text-[1.05rem]">{step.text}</p>
      <p className="mt-3 flex flex-wrap gap-2">
        <Button weight="strong" onClick={() => setAsking(true)}>
          Five questions
        </Button>
        {after !== undefined && (
          <Link to={`/practise?step=${after.id}`} className={buttonLook('plain')}>
            Read on: {after.title}
          </Link>
        )}
        <Link to="/practise" className={buttonLook('quiet')}>
          All steps
        </Link>
      </p>
    </article>
  )
}
