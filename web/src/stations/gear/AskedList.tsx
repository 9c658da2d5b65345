import type { Answers, Conflict } from '@hoxen/core/format'
import { differing } from '@hoxen/core/words'
import { useUnits } from '../../ui/index.ts'
import { calledOf } from './importReading.ts'

interface Props {
  readonly asked: readonly Conflict[]
  readonly answers: Answers['sides']
  readonly onAnswer: (place: string, side: 'mine' | 'theirs') => void
}

/** Things changed here and there since the two last met: one of the two stands, and the angler says which. */
export function AskedList({ asked, answers, onAnswer }: Props) {
  const { system } = useUnits()
  if (asked.length === 0) return null
  return (
    <section aria-labelledby="both-sides" className="mt-3 rounded-lg border-2 border-watch p-3">
      <h3 id="both-sides" className="text-lg">
        Changed on both devices
      </h3>
      <ul className="max-h-72 divide-y divide-rule overflow-y-auto">
        {asked.map(({ place, name, mine, theirs, later }) => {
          const row = mine ?? theirs
          const called = calledOf(name, row ?? {})
          const side = answers[place]
          return (
            <li key={place} className="py-2">
              <fieldset>
                <legend className="font-semibold">{called}</legend>
                {(['mine', 'theirs'] as const).map((which) => {
                  const here = which === 'mine' ? mine : theirs
                  const other = which === 'mine' ? theirs : mine
                  return (
                    <label key={which} className="flex min-h-11 items-center gap-2.5">
                      <input
                        type="radio"
                        name={place}
                        checked={side === which}
                        onChange={() => onAnswer(place, which)}
                        className="size-4 shrink-0"
                      />
                      <span>
                        <b className="font-medium">{which === 'mine' ? 'This device' : 'The file'}</b>
                        {later === which && <span className="text-faint"> (edited last)</span>}:{' '}
                        {here === undefined ? 'deleted' : differing(here, other, system)}
                      </span>
                    </label>
                  )
                })}
              </fieldset>
            </li>
          )
        })}
      </ul>
    </section>
  )
}
