import { spawnSync } from 'node:child_process'
import { expect, test } from '@jest/globals'

test('the picture of the house is that of the imports; `npm run house` draws it anew', () => {
  expect(spawnSync(process.execPath, ['scripts/house.mjs', '--check']).status).toBe(0)
})
