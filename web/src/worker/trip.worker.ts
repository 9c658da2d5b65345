import { expose } from 'comlink'
import { tripApi } from './tripApi.ts'

expose(tripApi)
