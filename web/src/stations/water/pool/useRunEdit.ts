import { problemsOf } from '@hoxen/core/gear'
import { type Run, runSchema } from '@hoxen/core/water'
import { sayProblem } from '@hoxen/core/words'
import { useState } from 'react'
import { editRow, noticeFailed } from '../../../store/index.ts'
import { useUnits } from '../../../ui/index.ts'

/** Changes a pool; what cannot be is said, and changes nothing. */
export interface RunEdit {
  readonly run: Run
  readonly save: (label: string, next: Run) => void
  /** Fault of a run, as a sentence; undefined when it is sound. */
  readonly fault: (next: Run) => string | undefined
}

/** Keeps what is changed of a pool. @returns also what was wrong with the last change, undefined when it was kept */
export function useRunEdit(run: Run): RunEdit & { readonly wrong: string | undefined } {
  const { system } = useUnits()
  const [wrong, setWrong] = useState<string>()
  const fault = (next: Run): string | undefined => {
    const parsed = runSchema.safeParse(next)
    const [problem] = parsed.success ? [] : problemsOf(parsed.error, runSchema)
    return problem && sayProblem(problem, system)
  }
  const save = (label: string, next: Run): void => {
    const found = fault(next)
    setWrong(found)
    if (found === undefined) editRow(label, 'runs', run, next).catch(noticeFailed)
  }
  return { run, save, fault, wrong }
}
