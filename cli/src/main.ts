import { text } from 'node:stream/consumers'
import { run } from './run.ts'

const { status, stdout, stderr } = await run(process.argv.slice(2), () => text(process.stdin))
process.stdout.write(stdout)
process.stderr.write(stderr)
process.exitCode = status
