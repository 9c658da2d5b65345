/** Ahead of every test file that has a page: how long it waits. */
if (typeof document !== 'undefined') require('./waiting.ts')

export {}
