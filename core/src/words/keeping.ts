/** What has changed since everything was last saved to a file. @param savedOn day of that file, as the reader writes it */
export function sayUnsaved(changed: number, savedOn: string | undefined): string {
  const things = changed === 1 ? 'One item has' : `${changed} items have`
  if (savedOn === undefined)
    return changed === 0
      ? 'Nothing of your own is here yet.'
      : `Never saved to a file on this device; ${things.toLowerCase()} changed.`
  return changed === 0
    ? `All of it is in the file of ${savedOn}.`
    : `${things} changed since the file of ${savedOn}.`
}

/** Reminder of a file that is due. */
export const sayFileDue = (changed: number, savedOn: string | undefined): string =>
  savedOn === undefined
    ? `${changed} changes have never been saved to a file.`
    : `${changed} changes since the file of ${savedOn}.`
