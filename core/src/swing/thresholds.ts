/** The thresholds of a swing, whatever the fish: one set of figures for Match, ledger, ladder and command line. */
export const SWING_THRESHOLDS = Object.freeze({
  /** Share of the time over holding water that the fly rides where the fish hold: from here it holds … [estimate] */
  holdsShare: 0.35,
  /** … and below this it does not fish there at all. [estimate] */
  breaksShare: 0.15,
  /** A fly on the bed for more of the swing than this is to be watched, for more than that it does not fish. C51 [practice] */
  holdsBedShare: 0.15,
  breaksBedShare: 0.4,
  /** A fly that crosses faster than this is usually too high [m/s]. Common practice, no source. */
  hurriedMps: 0.45,
  /** A waking fly against the water around it: slower it drowns in soft water, faster it skates [m/s]. C52 [practice] */
  wakesFromMps: 0.3,
  wakesToMps: 1,
  /** So much beyond either it wakes no more, as a share. [estimate] */
  wakesSlack: 0.4,
  /** Of its time over the fish a floating fly is on top: from here it floats … and below this it is under. [estimate] */
  onTopShare: 0.7,
  underShare: 0.4,
  /** A dry fly drifts so long without drag to be taken, and so long at least [s]. [estimate] */
  driftS: 3,
  leastDriftS: 1.5,
})
