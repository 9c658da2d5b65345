/** The thresholds of a swing, whatever the fish: one set of figures for Match, ledger, ladder and command line. */
export const SWING_THRESHOLDS = Object.freeze({
  /** Share of the time over holding water that the fly rides where the fish hold: from here it holds … [estimate] */
  holdsShare: 0.35,
  /** … and below this it does not fish there at all. [estimate] */
  breaksShare: 0.15,
  /** Dragged over holding water by less than this it holds, by more than that it is not fishing any more [m]. [estimate] */
  holdsDraggedM: 1,
  breaksDraggedM: 3,
  /** A fly that crosses faster than this is usually too high [m/s]. Common practice, no source. */
  hurriedMps: 0.45,
})
