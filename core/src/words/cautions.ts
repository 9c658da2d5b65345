import { type Caution, WADING } from '../day/index.ts'
import { M_PER_FOOT, type UnitSystem } from '../quantity/index.ts'

/** A product of depth and current in the units in use. */
const product = (m2ps: number, system: UnitSystem): string =>
  system === 'trade' ? `${Math.round(m2ps / M_PER_FOOT ** 2)}` : `${m2ps}`

/** Each caution: short where the choice is made, and whole on its page. [practice] */
export const CAUTION_WORDS: Readonly<
  Record<
    Caution,
    {
      readonly title: string
      readonly short: string
      readonly whole: readonly (string | ((system: UnitSystem) => string))[]
    }
  >
> = Object.freeze({
  lightning: {
    title: 'Lightning',
    short: 'Thunder within the hour: a carbon rod conducts. Stop, lay it down, move away from it.',
    whole: [
      'A carbon rod conducts. At the first thunder stop, lay the rod down and move away from it and from the water.',
      'Wait half an hour after the last thunder.',
      'Stay off ridges, bars and single trees.',
    ],
  },
  'power-line': {
    title: 'Power lines',
    short: 'Rod and wet line conduct: no cast here. Go elsewhere, with the rod down.',
    whole: [
      'Rod and wet line conduct, and current jumps a gap.',
      'Look up before you put the rod together. Walking under one, take the rod apart and carry it low.',
      'Never pull on a line caught in one: leave it and tell whoever runs it.',
    ],
  },
  surf: {
    title: 'Surf and flood tide',
    short: 'Never alone; watch for sets and rips, and leave before the flood cuts off the bar.',
    whole: [
      'The flood fills the trough behind a bar before it covers the bar: know the way back and the time to leave.',
      'Larger waves come in sets: watch for ten minutes before you step in, and never turn your back.',
      'A rip runs out through a gap: swim across it, not against it.',
      'Never alone, and never in the dark where you haven’t been in daylight. Wear a belt and a buoyancy aid.',
    ],
  },
  wading: {
    title: 'Wading',
    short: 'Deep or fast where you stand: belt, staff, and never further than you can come back from.',
    whole: [
      (system) =>
        `Don’t wade above the waist, or where depth × current reaches ${product(WADING.not.product, system)} (${system === 'trade' ? 'feet × ft/s' : 'metres × m/s'}); take care from ${product(WADING.care.product, system)}.`,
      'Belt, staff, and studs, or felt where it is legal; a buoyancy aid in strong or cold water.',
      'Rising water: go while you can. Never deeper than you can return from.',
      'If you go in: on your back, feet up and pointing downstream, and work towards the bank.',
    ],
  },
  hooks: {
    title: 'Hooks',
    short: 'A crosswind carries the fly: glasses, a hat, and cast off the downwind side.',
    whole: [
      'Glasses and a hat, always; pinch the barbs.',
      'Set anchor and D loop on the side the wind blows to.',
      'Look behind you before each cast; people walk there.',
      'Leave a hook near the eye where it is, and see a doctor.',
    ],
  },
  cold: {
    title: 'Cold',
    short: 'Numb fingers slip, on mono most of all: wear gloves, and stop before you shiver.',
    whole: [
      'Numb fingers slip on mono and can’t feel a knot: wear gloves, fish a coated line.',
      'Cold water takes your strength to swim within minutes.',
      'Stop before you shiver.',
    ],
  },
  pain: {
    title: 'Pain',
    short: 'Two hands, a lighter rig, pull with the lower hand; see a professional about pain that stays.',
    whole: [
      'Two hands and lighter gear; let the lower hand do the work, short and low.',
      'Rest the shoulder, or change sides: the other hand is on top then.',
      'Pain that stays is for a professional, not for a longer rod.',
    ],
  },
  law: {
    title: 'Rules',
    short: 'Check the rules where you fish; licensed guides and the authorities decide.',
    whole: [
      'Seasons, tackle, hooks, weights and access are local. Check the rules where you fish; licensed guides and the authorities decide.',
      'No figure here overrides them.',
      'Land fish quickly, on a tippet heavy enough for it.',
      'Never load a rod above its printed window at full power.',
    ],
  },
})
