import { exportEverything, noticeDone, noticeFailed, openDemo, savedNow } from '../store/index.ts'
import { saveFile, today } from '../ui/index.ts'
import { shareText } from './onDevice.ts'

const JSON_TYPE = 'application/json'
const fileName = (): string => `hoxen-everything-${today()}.json`

/** One's own in a file, put aside for the demo or not. */
export const saveEverything = (): void =>
  void exportEverything('own')
    .then((text) => saveFile(fileName(), text, JSON_TYPE))
    .then(savedNow)
    .catch(noticeFailed)

/** What is open, where that is the demo. */
export const saveDemo = (): void =>
  void exportEverything('open')
    .then((text) => saveFile(`hoxen-demo-${today()}.json`, text, JSON_TYPE))
    .catch(noticeFailed)

/** One's own in one file, by the system’s share sheet where there is one. */
export const carryOver = (): void =>
  void exportEverything('own')
    .then((text) => shareText(fileName(), text, () => saveFile(fileName(), text, JSON_TYPE)))
    .then((went) => (went ? savedNow() : undefined))
    .catch(noticeFailed)

export const loadDemo = (): void =>
  void openDemo()
    .then((did) => did && noticeDone('The demo gear is open'))
    .catch(noticeFailed)
