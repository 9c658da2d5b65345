/** Browsers that know of trusted types; the others need none. */
interface TrustedTypes {
  createPolicy(name: string, rules: { createScriptURL: (url: string) => string }): unknown
}

/** Lets scripts and workers come from where the page came from, and from nowhere else. Before anything else is loaded. */
export function trustOwnScripts(): void {
  // Where zod reads its settings: it would try whether code may be made of text, which the page forbids.
  Object.assign(globalThis, { __zod_globalConfig: { jitless: true } })
  const { trustedTypes } = globalThis as { trustedTypes?: TrustedTypes }
  trustedTypes?.createPolicy('default', {
    createScriptURL(url) {
      if (new URL(url, location.href).origin === location.origin) return url
      throw new TypeError(`not a script of ours: ${url}`)
    },
  })
}
