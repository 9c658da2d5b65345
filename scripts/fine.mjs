/** npm run fine: what a cut four times as fine says of the swings near the bed, for the tests to read. */
import { writeFileSync } from 'node:fs'
import { fineSwing, touchingSwings } from '../core/src/testing/bedSwings.ts'

const rounded = (_key, value) => (typeof value === 'number' ? Number(value.toPrecision(10)) : value)
const lines = touchingSwings().map(([input]) => JSON.stringify(fineSwing(input), rounded))
writeFileSync('core/src/swing/bed.fine.json', `[\n${lines.join(',\n')}\n]\n`)
