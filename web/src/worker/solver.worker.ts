import { expose } from 'comlink'
import { solverApi } from './solverApi.ts'

expose(solverApi)
