import { exportEverything, noticeDone, noticeFailed, openDemo, savedNow } from '../store/index.ts'
import { saveFile, today } from '../ui/index.ts'
import { shareText } from './onDevice.ts'

const JSON_TYPE = 'application/json'
const fileName = (): string => `hoxen-everything-${today()}.json`

export const saveEverything = (): void =>
  void exportEverything()
    .then((text) => saveFile(fileName(), text, JSON_TYPE))
    .then(savedNow)
    .catch(noticeFailed)

/** Everything in one file, by the system’s share sheet where there is one. */
export const carryOver = (): void =>
  void exportEverything()
    .then((text) => shareText(fileName(), text, () => saveFile(fileName(), text, JSON_TYPE)))
    .then((went) => (went ? savedNow() : undefined))
    .catch(noticeFailed)

export const loadDemo = (): void =>
  void openDemo()
    .then((did) => did && noticeDone('The demo angler’s gear is here'))
    .catch(noticeFailed)
