import type { FixedParts, SpecifiedRig } from '@hoxen/core/specify'
import { sayNeighbour, sayOtherSchool } from '@hoxen/core/words'
import { useState } from 'react'
import type { Question } from '../../ledger/index.ts'
import { useUnits } from '../../ui/index.ts'
import { useNeighbours, useOtherSchools } from './useLook.ts'

interface AsideProps {
  readonly title: string
  readonly mark: string
  /** Sentences; undefined while it is computed. */
  readonly said: readonly string[] | undefined
  readonly none: string
  readonly onOpen: () => void
}

/** More that can be asked of a card, computed once it is opened. */
function Aside({ title, mark, said, none, onOpen }: AsideProps) {
  return (
    <details
      className="no-print text-[0.88rem] text-faint"
      onToggle={(event) => event.currentTarget.open && onOpen()}
    >
      <summary className="min-h-11 cursor-pointer content-center sm:min-h-8">{title}</summary>
      {said === undefined ? (
        <p>checking each…</p>
      ) : said.length === 0 ? (
        <p>{none}</p>
      ) : (
        <ul className="list-disc pl-5" data-aside={mark}>
          {said.map((sentence) => (
            <li key={sentence}>{sentence}</li>
          ))}
        </ul>
      )}
    </details>
  )
}

interface MoreProps {
  readonly question: Question
  readonly specified: SpecifiedRig
}

/** The neighbouring choices, each with what it gives up. */
export function NextRods({ question, specified }: MoreProps) {
  const { system } = useUnits()
  const [wanted, setWanted] = useState(false)
  const { data } = useNeighbours(question, specified, wanted)
  return (
    <Aside
      title="Rods one step away"
      mark="rods"
      said={data?.map((each) => sayNeighbour(each, system))}
      none="There is none one step away."
      onOpen={() => setWanted(true)}
    />
  )
}

/** Parts that those who do it otherwise would look for. */
export function OtherSchools({ question, specified, fixed }: MoreProps & { readonly fixed: FixedParts }) {
  const { system } = useUnits()
  const [wanted, setWanted] = useState(false)
  const { data } = useOtherSchools(question, fixed, specified, wanted)
  return (
    <Aside
      title="What other schools would choose"
      mark="schools"
      said={data?.map((each) => sayOtherSchool(each, system))}
      none="Every school agrees."
      onOpen={() => setWanted(true)}
    />
  )
}
