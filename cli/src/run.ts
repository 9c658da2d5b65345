import { problemsOf } from '@hoxen/core/gear'
import { sayProblem } from '@hoxen/core/words'
import { type Command, InputError } from './command.ts'
import { castsCommand, dLoopCommand, shootCommand, turnoverCommand } from './commands/cast.ts'
import { chartCommand } from './commands/chart.ts'
import { checkCommand } from './commands/check.ts'
import { convertCommand } from './commands/convert.ts'
import { coverCommand } from './commands/cover.ts'
import { bendCommand, calibrateCommand, cantileverCommand, trialsCommand } from './commands/journal.ts'
import { carryCommand, cutCommand, lineCommand } from './commands/line.ts'
import { judgeCommand, matchCommand } from './commands/match.ts'
import { practiseCommand } from './commands/practise.ts'
import { readCommand } from './commands/read.ts'
import { balanceCommand, fillCommand } from './commands/reel.ts'
import { specifyCommand } from './commands/specify.ts'
import { tideCommand } from './commands/tide.ts'
import { tipCommand } from './commands/tip.ts'
import { tripCommand } from './commands/trip.ts'
import { levelCommand, steadyCommand, swingCommand } from './commands/water.ts'
import { windowCommand } from './commands/window.ts'

export const COMMANDS: readonly Command[] = [
  convertCommand,
  lineCommand,
  carryCommand,
  cutCommand,
  tipCommand,
  windowCommand,
  matchCommand,
  judgeCommand,
  specifyCommand,
  steadyCommand,
  swingCommand,
  levelCommand,
  fillCommand,
  balanceCommand,
  turnoverCommand,
  shootCommand,
  dLoopCommand,
  castsCommand,
  tideCommand,
  checkCommand,
  readCommand,
  trialsCommand,
  chartCommand,
  bendCommand,
  cantileverCommand,
  calibrateCommand,
  coverCommand,
  tripCommand,
  practiseCommand,
]

export interface Result {
  readonly status: 0 | 2
  readonly stdout: string
  readonly stderr: string
}

const USAGE = 'npm run -s hoxen -- COMMAND < input.json > output.json'
const fine = (stdout: string): Result => ({ status: 0, stdout, stderr: '' })

function wrong(code: string, path: readonly (string | number)[], message: string): Result {
  return { status: 2, stdout: '', stderr: `${JSON.stringify({ error: { code, path, message } })}\n` }
}

function usage(): string {
  const rows = COMMANDS.map((c) => `  ${c.name.padEnd(9)} ${c.summary}`)
  return `${USAGE}\n\nSI units, named in each key. Commands:\n${rows.join('\n')}\n\nCOMMAND --help shows an example that runs as printed.\n`
}

function help(command: Command): string {
  const input = JSON.stringify(command.example, null, 2)
  return `${command.name}: ${command.summary}\n\nnpm run -s hoxen -- ${command.name} <<'END'\n${input}\nEND\n`
}

function parse(text: string): { value: unknown } | undefined {
  try {
    return { value: JSON.parse(text) as unknown }
  } catch {
    return undefined
  }
}

/** Runs one command line. @param input all of standard input, read only when a command needs it */
export async function run(args: readonly string[], input: () => Promise<string>): Promise<Result> {
  const [name, flag] = args
  if (name === undefined || name === '--help' || name === '-h') return fine(usage())
  const command = COMMANDS.find((c) => c.name === name)
  if (command === undefined)
    return wrong(
      'unknown-command',
      [],
      `There is no command “${name}”. Known: ${COMMANDS.map((c) => c.name).join(', ')}.`,
    )
  if (flag === '--help' || flag === '-h') return fine(help(command))
  if (flag !== undefined)
    return wrong(
      'unknown-flag',
      [],
      `Unknown option “${flag}”. Send the input as JSON on standard input, or try --help.`,
    )
  const json = parse(await input())
  if (json === undefined) return wrong('not-json', [], 'Standard input is not JSON, or is cut short.')
  const checked = command.schema.safeParse(json.value)
  if (!checked.success) {
    const [first] = problemsOf(checked.error, command.schema)
    if (first === undefined)
      return wrong(
        'invalid',
        [],
        'The input doesn’t match this command. Run it with --help for a working example.',
      )
    return wrong(first.code, first.path, sayProblem(first, 'trade'))
  }
  try {
    return fine(`${JSON.stringify(await command.run(checked.data))}\n`)
  } catch (error) {
    if (error instanceof InputError) return wrong(error.code, error.path, error.message)
    throw error
  }
}
