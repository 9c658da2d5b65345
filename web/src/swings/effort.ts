const KEY = 'hoxen-effort'

/**
 * How much is worked out beyond what is looked at: all of it, or, in a browser that was told so (`sessionStorage`), as
 * little as shows what it is. Tests of forms and layouts ask for the least.
 */
export function effort<T>(full: T, least: T): T {
  try {
    return sessionStorage.getItem(KEY) === 'least' ? least : full
  } catch {
    return full
  }
}
