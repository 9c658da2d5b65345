import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, test } from '@jest/globals'

const ROOT = `${process.cwd()}/core/src`

/** Every example of a docstring: the file, the expression, and what is said to come of it. */
const examples = readdirSync(ROOT, { recursive: true, encoding: 'utf8' })
  .filter((file) => file.endsWith('.ts') && !file.endsWith('.test.ts'))
  .flatMap((file) =>
    [
      ...readFileSync(`${ROOT}/${file}`, 'utf8').matchAll(
        /@example ([^\n]+?)(?: \/\/ ([^\n*]+?))?(?: \*\/)?$/gm,
      ),
    ].map(([, expression = '', says = '']) => ({ file, expression, says })),
  )

/** Numbers to the last decimal that is said, everything else exactly. */
function meets(value: unknown, says: string): void {
  const figure = /^-?[\d.]+/.exec(says)?.[0]
  if (typeof value === 'number' && figure !== undefined) {
    const decimals = figure.split('.')[1]?.length ?? 0
    expect(value.toFixed(decimals)).toBe(figure)
  } else {
    const said: unknown = new Function(`return (${says})`)()
    expect(
      JSON.parse(JSON.stringify(value, (_key, v) => (typeof v === 'number' ? Number(v.toFixed(9)) : v))),
    ).toEqual(said)
  }
}

describe('examples of docstrings', () => {
  test('there are some', () => expect(examples.length).toBeGreaterThanOrEqual(9))
  test.each(examples.map((e) => [e.file, e.expression, e.says] as const))(
    '%s: %s is %s',
    async (file, expression, says) => {
      const module = (await import(`${ROOT}/${file}`)) as Record<string, unknown>
      const names = Object.keys(module)
      const value: unknown = new Function(...names, `return (${expression})`)(...names.map((n) => module[n]))
      expect(says).not.toBe('')
      meets(value, says)
    },
  )
})
