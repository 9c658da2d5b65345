import { lazily } from '../../ui/index.ts'

/** Typing a figure comes after the first look: reading and refusing it is loaded when a question is opened. */
export const QuantityField = lazily(() => import('../../ui/QuantityField.tsx').then((m) => m.QuantityField))
