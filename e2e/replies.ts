const HOUR_MS = 3600_000

/** Answer of the gauge in the tests: the flow the demo's Kettle Run was measured at, unless told otherwise; newest last. */
export function gaugeReply(flowM3ps = 24, hoursOld = 0) {
  const last = Date.now() - hoursOld * HOUR_MS
  return {
    station: 'Skarn above the forks',
    readings: Array.from({ length: 24 }, (_, i) => ({
      atMs: Math.round(last - (23 - i) * HOUR_MS),
      levelM: 1.2,
      flowM3ps,
      waterC: 4.2,
    })),
  }
}

/** Answer of the weather stations in the tests: a breeze from where it is told, newest last. */
export function weatherReply(fromDeg = 240, mps = 4, gustMps = 5) {
  const last = Date.now() - 60_000
  return {
    station: 'Skarn bridge',
    readings: Array.from({ length: 30 }, (_, i) => ({
      atMs: Math.round(last - (29 - i) * 600_000),
      fromDeg,
      mps,
      gustMps,
      veerDeg: 10,
    })),
  }
}
