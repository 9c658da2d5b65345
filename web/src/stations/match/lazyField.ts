import { lazy } from 'react'

/** Typing a figure comes after the first look: reading and refusing it is loaded when a question is opened. */
export const QuantityField = lazy(() =>
  import('../../ui/QuantityField.tsx').then((m) => ({ default: m.QuantityField })),
)
