import type { CastName, CastReason } from '../cast/index.ts'

export const CAST_TITLES: Readonly<Record<CastName, string>> = Object.freeze({
  'double-spey': 'Double spey',
  'snap-t': 'Snap-T or circle spey',
  'perry-poke': 'Perry poke',
  'single-spey': 'Single spey',
  'snake-roll': 'Snake roll',
  roll: 'Roll cast',
  switch: 'Switch cast',
  'overhead-one-handed': 'Overhead, single-handed',
  'overhead-two-handed': 'Overhead, two-handed',
})

/** What stands against a cast, in a few words; the Cast page says it in full. What is not here never forbids one. */
const AGAINST: Readonly<Partial<Record<CastReason, string>>> = Object.freeze({
  windward: 'the wind blows onto that side',
  'too-windy': 'there is too much wind',
  'no-room': 'its loop has no room behind you',
  'back-cast-room': 'the back cast has no room',
  'meets-behind': 'the back cast would hit what is behind you',
  'people-behind': 'there are people behind',
  'cliff-behind': 'the back cast would hit the cliff',
  'swell-meets': 'the back cast would hit the waves',
  branches: 'branches hang over you',
  'power-line': 'a power line is near',
  'angle-too-wide': 'it can’t turn the line that far',
  'other-side': 'it belongs to the other side',
  'one-grip': 'a single-hander has no lower grip to pull with',
})

/** The first of these that stands against a cast; the cast page for anything else. */
export const sayAgainst = (reasons: readonly CastReason[]): string =>
  reasons.map((reason) => AGAINST[reason]).find((said) => said !== undefined) ?? 'the Cast page says why'
