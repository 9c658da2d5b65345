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
})
