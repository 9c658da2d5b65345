import type { Caution } from '../day/index.ts'

/** Each caution: short where the choice is made, and whole on its page. [practice] */
export const CAUTION_WORDS: Readonly<
  Record<Caution, { readonly title: string; readonly short: string; readonly whole: readonly string[] }>
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
      'Rod and wet line conduct, and current jumps before they touch.',
      'Look up before you put the rod together, and carry it low and apart when you walk beneath.',
      'Never pull at a line that hangs in one: leave it and say so to who runs it.',
    ],
  },
  surf: {
    title: 'Surf and flood tide',
    short: 'Never alone; mind sets and rips, and be gone before the flood cuts off the bar.',
    whole: [
      'The flood fills the trough behind a bar before it covers the bar: know the way back and the time to leave.',
      'Larger waves come in sets: watch for ten minutes before you step in, and never turn your back.',
      'A rip runs out through a gap: swim across it, not against it.',
      'Never alone, never in the dark where you have not been in daylight; a belt and a buoyancy aid.',
    ],
  },
  wading: {
    title: 'Wading',
    short: 'Deep or quick where you stand: belt, staff, and never further than you can come back from.',
    whole: [
      'Depth times current of 10 ft × ft/s (0.93 m²/s) or more is not to be waded, nor is water above the waist; from 6 (0.56) on take care.',
      'Belt, staff, felt or studs; a jacket in strong or cold water.',
      'Rising water: go while you can. Never deeper than you can return from.',
      'If you fall: feet first and up, and work to the bank.',
    ],
  },
  hooks: {
    title: 'Hooks',
    short: 'Wind across you carries the fly: glasses, a hat, the lee side.',
    whole: [
      'Glasses and a hat, always; pinch the barbs.',
      'Anchor and D loop lie on the side the wind blows to.',
      'Look behind before each cast; others walk there.',
      'A hook near the eye stays where it is until a doctor sees it.',
    ],
  },
  cold: {
    title: 'Cold',
    short: 'Numb fingers slip, most of all on mono: gloves, and stop before you shiver.',
    whole: [
      'Numb fingers slip on mono and do not feel a knot: gloves, a coated line.',
      'Cold water takes the strength to swim within minutes.',
      'Stop before you shiver.',
    ],
  },
  pain: {
    title: 'Pain',
    short: 'Two hands, a lighter rig, the lower hand; pain that stays is for a professional.',
    whole: [
      'Two hands and lighter gear; the lower hand does the work, short and low.',
      'Rest the shoulder; change sides, for the other hand is on top then.',
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
      'No rod is loaded above its printed window at full power.',
    ],
  },
})
