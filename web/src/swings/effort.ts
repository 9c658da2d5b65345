/** Set by tests of forms and layouts, before a page is loaded. */
const asked = globalThis as { readonly hoxenEffort?: 'full' | 'least' }

/** One of two amounts of work: all of it, or, where that was asked for, as little as shows what it is. */
export const effort = <T>(full: T, least: T): T => (asked.hoxenEffort === 'least' ? least : full)
