import {
  againIn,
  answered,
  type Drawn,
  kindToAsk,
  levelOf,
  type PractiseAbout,
  type Practised,
  type RoundKind,
  SITTING,
  type Situation,
} from '@hoxen/core/practise'
import { useQuery } from '@tanstack/react-query'
import { useEffect, useMemo, useState } from 'react'
import { useToday } from '../../day/index.ts'
import { commit, noticeFailed, useGear, useList } from '../../store/index.ts'
import { askJudged, askLooked } from '../../swings/index.ts'
import { FOR_GOOD } from '../../ui/index.ts'
import type { RoundAsked } from '../../worker/index.ts'

/** What one's own rounds are drawn from besides the gear. */
function useAbout(): Omit<PractiseAbout, 'gear'> | undefined {
  const today = useToday()
  return useMemo(
    () => today && { runs: today.runs, caster: today.day.caster, schools: today.day.schools },
    [today],
  )
}

const newSeed = (): number => crypto.getRandomValues(new Uint32Array(1))[0] ?? 0

/** A round to come: a card again, or a new one of a kind. */
interface Planned {
  readonly id: string
  readonly kind: RoundKind
  readonly card?: Practised | undefined
  readonly seed: number
}

/** What is asked next in a sitting. */
function planned(
  cards: readonly Practised[],
  sitting: readonly Planned[],
  kinds: readonly RoundKind[] | undefined,
): Planned {
  const wanted = kinds === undefined ? cards : cards.filter(({ kind }) => kinds.includes(kind))
  const card = againIn(
    wanted,
    sitting.map(({ id }) => id),
    Date.now(),
  )
  if (card !== undefined) return { id: card.id, kind: card.kind, card, seed: 0 }
  const kind = kindToAsk(
    cards,
    sitting.map((each) => each.kind),
    kinds,
  )
  const seed = newSeed()
  return { id: `${kind}-${seed}`, kind, seed }
}

/** A round that was sent, or comes again. */
export const useRoundAgain = (situation: Situation | undefined) =>
  useQuery<Drawn | null>({
    queryKey: ['round-again', situation],
    enabled: situation !== undefined,
    queryFn: async ({ signal }) =>
      (await askLooked(
        (api, id, letSwing) => api.roundAgain(id, situation as Situation, letSwing),
        signal,
      )) ?? null,
    ...FOR_GOOD,
  })

/** A new round. A reading of the gear that changes nothing changes no round: its revision stands for it. */
function useNewRound(asked: RoundAsked | undefined) {
  const gear = useGear()
  return useQuery<Drawn | null>({
    queryKey: ['round', gear?.revision, asked],
    enabled: asked !== undefined && gear !== undefined,
    queryFn: async ({ signal }) =>
      (await askJudged(
        gear as NonNullable<typeof gear>,
        (api, about, letSwing) => api.round(about, asked as RoundAsked, letSwing),
        { signal },
      )) ?? null,
    ...FOR_GOOD,
  })
}

/** A round that is planned: new, or again. */
function useRound(
  round: Planned | undefined,
  about: Omit<PractiseAbout, 'gear'> | undefined,
  cards: readonly Practised[],
) {
  const situation = round?.card?.situation
  // biome-ignore lint/correctness/useExhaustiveDependencies: a round stays as it was planned, whatever is answered meanwhile
  const asked = useMemo(
    (): RoundAsked | undefined =>
      round === undefined || situation !== undefined || about === undefined
        ? undefined
        : { ...about, kind: round.kind, seed: round.seed, level: levelOf(cards, round.kind) },
    [round, about],
  )
  const again = useRoundAgain(situation)
  const fresh = useNewRound(asked)
  return situation === undefined ? fresh : again
}

/** Keeps an answer: one more on its card. */
export const keepAnswer = (id: string, situation: Situation, last: Practised['last']): void =>
  void commit('Answer a round', async (tx) => {
    const before = await tx.find('practised', id)
    tx.put('practised', [
      answered(before, { id, kind: situation.kind, level: situation.level, situation }, last, Date.now()),
    ])
  }).catch(noticeFailed)

export interface Sitting {
  readonly cards: readonly Practised[]
  /** The round that is asked; null where none can be drawn, undefined while it is. */
  readonly drawn: Drawn | null | undefined
  readonly error: Error | null
  readonly retry: () => void
  readonly id: string | undefined
  /** Place in the sitting, from 1. */
  readonly place: number
  readonly of: number
  readonly next: () => void
}

/** A sitting of ten rounds: each drawn while the one before is looked at. @param kinds those that are asked; left out, all */
export function useSitting(kinds?: readonly RoundKind[], of: number = SITTING.rounds): Sitting | undefined {
  const about = useAbout()
  const cards = useList('practised')
  const [rounds, setRounds] = useState<readonly Planned[]>([])
  const [place, setPlace] = useState(0)
  const ready = about !== undefined && cards !== undefined
  // The one that is asked, and the one after it.
  useEffect(() => {
    if (ready && rounds.length < Math.min(of, place + 2))
      setRounds([...rounds, planned(cards, rounds, kinds)])
  }, [ready, rounds, place, of, cards, kinds])
  const now = rounds[place]
  const query = useRound(now, about, cards ?? [])
  useRound(rounds[place + 1], about, cards ?? [])
  if (cards === undefined) return undefined
  return {
    cards,
    drawn: query.data,
    error: query.error,
    retry: () => void query.refetch(),
    id: now?.id,
    place: place + 1,
    of,
    next: () => setPlace(place + 1),
  }
}
