/** The server of the tests: all that the application's own serves, but gauges and weather stations that say the same at any hour. */
import { createServer, type ServerResponse } from 'node:http'
import { fileURLToPath } from 'node:url'
import { createApp } from '../server/src/app.ts'
import { gaugeReply, weatherReply } from './replies.ts'

const app = createApp(fileURLToPath(new URL('../web/dist', import.meta.url)))
const json = (response: ServerResponse, reply: unknown) =>
  response.writeHead(200, { 'content-type': 'application/json' }).end(JSON.stringify(reply))

createServer((request, response) => {
  if (request.url?.startsWith('/api/gauge/')) return void json(response, gaugeReply())
  if (request.url?.startsWith('/api/weather/')) return void json(response, weatherReply())
  app(request, response)
}).listen(Number(process.env.PORT), '127.0.0.1')
