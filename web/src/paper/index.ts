export { Paper } from './Paper.tsx'
export { QrCode } from './QrCode.tsx'
