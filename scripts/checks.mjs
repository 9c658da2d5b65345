/** Writes every outside check that the tests hold, their figure beside ours. */
import { writeFileSync } from 'node:fs'
import { checksPage } from '../core/src/testing/checksPage.ts'

writeFileSync('docs/checks.md', checksPage())
