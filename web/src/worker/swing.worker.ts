import { expose } from 'comlink'
import { swingApi } from './swingApi.ts'

expose(swingApi)
