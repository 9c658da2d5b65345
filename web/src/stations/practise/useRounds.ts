import { readDocument } from '@hoxen/core/format'
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
import demoUrl from '../../../../demo/skarn.json?url'
import { useToday } from '../../day/index.ts'
import { commit, noticeFailed, useGear, useList } from '../../store/index.ts'
import { askLooked } from '../../swings/index.ts'
import type { RoundAsked } from '../../worker/index.ts'

const FOR_GOOD = { staleTime: Number.POSITIVE_INFINITY, networkMode: 'always', retry: false } as const

/** The demo’s gear and waters: they stand in where one’s own give no round. */
const useSpare = () =>
  useQuery({
    queryKey: ['demo-spare'],
    queryFn: async ({ signal }) => {
      const { document } = readDocument(await (await fetch(demoUrl, { signal })).text())
      return { gear: { items: document.items }, runs: document.runs }
    },
    ...FOR_GOOD,
  }).data

function useAbout(): PractiseAbout | undefined {
  const today = useToday()
  const gear = useGear()
  return useMemo(
    () =>
      today &&
      gear && {
        gear: { items: gear.items },
        runs: today.runs,
        caster: today.day.caster,
        schools: today.day.schools,
      },
    [today, gear],
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

/** All that a round depends on; gear by its revision, which is short. */
const keyOf = (asked: RoundAsked | undefined, revision: number): readonly unknown[] =>
  asked === undefined || 'situation' in asked
    ? [asked]
    : [
        asked.kind,
        asked.seed,
        asked.level,
        revision,
        asked.about.runs,
        asked.about.caster,
        asked.about.schools,
      ]

/** A round by what it is about; memoised. @param revision of the gear it is drawn from */
export function useRound(asked: RoundAsked | undefined, revision = 0) {
  return useQuery<Drawn | null>({
    queryKey: ['round', ...keyOf(asked, revision)],
    enabled: asked !== undefined,
    queryFn: async ({ signal }) =>
      (await askLooked((api, id, letSwing) => api.round(id, asked as RoundAsked, letSwing), signal)) ?? null,
    ...FOR_GOOD,
  })
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
  readonly id: string | undefined
  /** Place in the sitting, from 1. */
  readonly place: number
  readonly of: number
  readonly next: () => void
}

/** A sitting of ten rounds: each drawn while the one before is looked at. @param kinds those that are asked; left out, all */
export function useSitting(kinds?: readonly RoundKind[], of: number = SITTING.rounds): Sitting | undefined {
  const about = useAbout()
  const spare = useSpare()
  const cards = useList('practised')
  const [rounds, setRounds] = useState<readonly Planned[]>([])
  const [place, setPlace] = useState(0)
  const ready = about !== undefined && spare !== undefined && cards !== undefined
  // The one that is asked, and the one after it.
  useEffect(() => {
    if (ready && rounds.length < Math.min(of, place + 2))
      setRounds([...rounds, planned(cards, rounds, kinds)])
  }, [ready, rounds, place, of, cards, kinds])
  const askedFor = (round: Planned | undefined): RoundAsked | undefined =>
    round === undefined || about === undefined || spare === undefined || cards === undefined
      ? undefined
      : round.card?.situation !== undefined
        ? { situation: round.card.situation }
        : { kind: round.kind, seed: round.seed, level: levelOf(cards, round.kind), about, spare }
  const levels = useMemo(() => (ready ? { about, spare } : undefined), [ready, about, spare])
  const [now, after] = [rounds[place], rounds[place + 1]]
  // biome-ignore lint/correctness/useExhaustiveDependencies: a round stays as it was planned, whatever is answered meanwhile
  const asked = useMemo(() => askedFor(now), [now, levels])
  // biome-ignore lint/correctness/useExhaustiveDependencies: as above
  const ahead = useMemo(() => askedFor(after), [after, levels])
  const revision = useGear()?.revision
  const query = useRound(asked, revision)
  useRound(ahead, revision)
  if (cards === undefined) return undefined
  return {
    cards,
    drawn: query.data,
    error: query.error,
    id: now?.id,
    place: place + 1,
    of,
    next: () => setPlace(place + 1),
  }
}
