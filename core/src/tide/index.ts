export {
  type TideConstituent,
  type TideHeight,
  type TideStation,
  type TideTurn,
  tideHeights,
  tideTurns,
  unknownConstituents,
} from './tide.ts'
