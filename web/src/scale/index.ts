export type { Scale, ScaleEnd, ScaleReading } from './scale.ts'
export { hasSerial, serialScale } from './serial.ts'
export { benchObjects, knockBench, putOnBench, standIn, unplugBench } from './standIn.ts'
