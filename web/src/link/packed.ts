import { deflateSync, inflateSync, strFromU8, strToU8 } from 'fflate'

/** No link comes to more, unpacked [bytes]: what says it does is not one of ours. */
const MOST_BYTES = 200_000
const MOST_CHARACTERS = 60_000

/** Text made small and fit for an address: deflated, base64url. */
export function packed(text: string): string {
  const bytes = deflateSync(strToU8(text), { level: 9 })
  return btoa(Array.from(bytes, (byte) => String.fromCharCode(byte)).join(''))
    .replaceAll('+', '-')
    .replaceAll('/', '_')
    .replaceAll('=', '')
}

/** Text that was packed; undefined where the address breaks off or is not one of ours. */
export function unpacked(code: string): string | undefined {
  if (code.length > MOST_CHARACTERS || !/^[A-Za-z0-9_-]+$/.test(code)) return undefined
  try {
    const bytes = Uint8Array.from(atob(code.replaceAll('-', '+').replaceAll('_', '/')), (c) =>
      c.charCodeAt(0),
    )
    // A fixed room: what would unpack to more than a rig is cut, and then is no rig.
    return strFromU8(inflateSync(bytes, { out: new Uint8Array(MOST_BYTES) }))
  } catch {
    return undefined
  }
}
