import { keepField, useDraftState } from '../../store/index.ts'

const FORM = 'pasted list'

/** The list that is typed or pasted to be read, kept until it is. */
export const usePastedList = () => useDraftState(FORM, 'text', '')

/** Puts a list where it is read from. */
export const pasteList = (text: string): Promise<void> => keepField(FORM, 'text', JSON.stringify(text))
