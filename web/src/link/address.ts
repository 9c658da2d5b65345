/** The address of a page of this Hoxen, wherever it is served from. @param path as routes have it: `/gear/item/t-11` */
export function addressOf(path: string): string {
  const { origin, pathname } = location
  return `${origin}${pathname.replace(/[^/]*$/, '')}#${path}`
}
