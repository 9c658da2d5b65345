import type { MatchResult } from '@hoxen/core/match'
import { type RigChoice, rigKey } from '@hoxen/core/rig'
import { useMemo, useState } from 'react'
import { Link, useNavigate } from 'react-router'
import { type Question, useRemedies } from '../../ledger/index.ts'
import { changeRig, noticeDone, noticeFailed, setKept, useSingle } from '../../store/index.ts'
import { Button, buttonLook } from '../../ui/index.ts'
import { RigCard } from './RigCard.tsx'

const FIRST_SHOWN = 5

export interface Shown {
  readonly question: Question
  readonly result: MatchResult
  /** Whether the best have been swung. */
  readonly settled: boolean
}

const same = (a: RigChoice | null | undefined, b: RigChoice): boolean => a != null && rigKey(a) === rigKey(b)

/** Rods with heads as cards, the first few at once; what is done with one of them. */
export function Cards({ question, result, settled }: Shown) {
  const [shown, setShown] = useState(FIRST_SHOWN)
  const asked = useMemo(
    () => (settled ? result.cards.slice(0, shown).map((card) => card.rig.choice) : []),
    [result, shown, settled],
  )
  const remedies = useRemedies(question, asked)
  const remedyOf = new Map(remedies.data?.map((remedy, i) => [result.cards[i]?.rig.choice, remedy]))
  const mine = useSingle('rig')
  const pinned = useSingle('pinned')
  const navigate = useNavigate()
  const makeMine = (rig: RigChoice): void => {
    changeRig('Make this my rig', { rig }).then(() => noticeDone('It’s your rig now'), noticeFailed)
  }
  const pin = (rig: RigChoice): void => {
    if (same(pinned, rig)) setKept('Unpin', 'pinned', undefined).catch(noticeFailed)
    else setKept('Pin a rig', 'pinned', rig).catch(noticeFailed)
  }
  return (
    <>
      {pinned && (
        <p className="mb-3">
          <Link
            to={`/match/compare/${rigKey(result.cards[0]?.rig.choice ?? pinned)}`}
            className={buttonLook('quiet')}
          >
            Compare the pinned rig with the first, check by check
          </Link>
        </p>
      )}
      <ol className="space-y-3">
        {result.cards.slice(0, shown).map((card, i) => (
          <li key={`${card.rig.choice.rodId} ${card.rig.choice.headId}`}>
            <RigCard
              card={card}
              place={i + 1}
              remedy={remedyOf.get(card.rig.choice)}
              items={question.byId}
              mine={same(mine, card.rig.choice)}
              pinned={same(pinned, card.rig.choice)}
              onMine={() => {
                makeMine(card.rig.choice)
                void navigate('/rig')
              }}
              onPin={() => pin(card.rig.choice)}
            />
          </li>
        ))}
      </ol>
      {shown < result.cards.length && (
        <Button className="mt-4" onClick={() => setShown(shown + 12)}>
          Show more
        </Button>
      )}
    </>
  )
}
