/** The address of a page of this Hoxen, wherever it is served from. @param path as routes have it: `/gear/item/t-11` */
export function addressOf(path: string): string {
  const { origin, pathname } = location
  return `${origin}${pathname.replace(/[^/]*$/, '')}#${path}`
}

/** Whether that address is this machine's own: no other device can open it. */
export const isOnlyHere = (): boolean => /^(localhost|127\.\d+\.\d+\.\d+|\[::1\])$/.test(location.hostname)
