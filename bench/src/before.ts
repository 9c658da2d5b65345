import { execFileSync } from 'node:child_process'
import { existsSync, mkdirSync } from 'node:fs'
import type { SwingInput, SwingResult } from '@hoxen/core/swing'

/** The last commit before the swing chose its own steps. */
const COMMIT = 'e18fa59'
const FOLDER = new URL(`../../node_modules/.cache/hoxen-${COMMIT}/`, import.meta.url)

/** The swing as it was, from the project's own history; undefined in a copy without it. */
export async function swingBefore(): Promise<((input: SwingInput) => SwingResult) | undefined> {
  const folder = FOLDER.pathname
  if (!existsSync(`${folder}core`)) {
    try {
      const archive = execFileSync('git', ['archive', COMMIT, 'core/src'], { maxBuffer: 1e8 })
      mkdirSync(folder, { recursive: true })
      execFileSync('tar', ['-x', '-C', folder], { input: archive })
    } catch {
      return undefined
    }
  }
  return (await import(`${folder}core/src/swing/index.ts`)).swing
}
