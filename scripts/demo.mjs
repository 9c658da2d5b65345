/** npm run demo: installs what is missing, builds, serves on 127.0.0.1 and prints the address; `-- --host … --cert … --key …` serves a phone too. */
import { spawn } from 'node:child_process'
import { installPackages, ROOT, run, say, stop } from './setup.mjs'

await installPackages()
say('Building the application')
if (!(await run('npm', ['run', '-s', 'build']))) stop('the build failed; see above.')
say('Starting the server')
const server = spawn('npx', ['tsx', 'server/src/main.ts', ...process.argv.slice(2)], {
  cwd: ROOT,
  stdio: 'inherit',
})
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal))
server.on('exit', (code) => process.exit(code ?? 0))
