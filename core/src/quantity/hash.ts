/** FNV-1a over the UTF-16 code units of a text, 32 bits; with another offset basis an independent second half. [standard: Fowler, Noll & Vo] */
export function fnv1a(text: string, basis = 0x811c9dc5): number {
  let hash = basis
  for (let i = 0; i < text.length; i++) hash = Math.imul(hash ^ text.charCodeAt(i), 0x01000193) >>> 0
  return hash
}

/** Offset basis of the second half of a key; any odd figure would do. */
const SECOND = 0x9dc5811d

/** A short key of what is asked: plain data that differs has another key, but for one case in 2⁶⁴. */
export function keyOfData(data: unknown): string {
  const text = JSON.stringify(data) ?? ''
  return `${fnv1a(text).toString(36)}-${fnv1a(text, SECOND).toString(36)}`
}
