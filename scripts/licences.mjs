/** Writes the licences of all packages that are installed, those that ship with the application first. */
import { existsSync, readFileSync, writeFileSync } from 'node:fs'

const { packages } = JSON.parse(readFileSync('package-lock.json', 'utf8'))

/** Licence of a package whose own description names none: its text says which. */
function byItsText(place) {
  const file = ['LICENSE', 'LICENSE.md', 'LICENCE'].map((name) => `${place}/${name}`).find(existsSync)
  const text = file === undefined ? '' : readFileSync(file, 'utf8')
  if (/Redistributions in binary form/.test(text))
    return /Neither the name/.test(text) ? 'BSD-3-Clause' : 'BSD-2-Clause'
  return /Permission is hereby granted, free of charge/.test(text) ? 'MIT' : 'not named'
}

const rows = Object.entries(packages).flatMap(([place, { version, license, dev, link }]) =>
  !place.includes('node_modules/') || link
    ? []
    : [
        {
          name: place.replace(/.*node_modules\//, ''),
          version,
          licence: license ?? byItsText(place),
          ships: dev !== true,
        },
      ],
)

/** @param tell what is told of the packages under one licence */
function table(some, tell) {
  return [...byLicence(some)]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(
      ([licence, of]) =>
        `| ${licence} | ${tell([...new Set(of.map(({ name, version }) => `${name} ${version}`))].sort())} |`,
    )
    .join('\n')
}

function byLicence(some) {
  const kinds = new Map()
  for (const row of some) kinds.set(row.licence, [...(kinds.get(row.licence) ?? []), row])
  return kinds
}

writeFileSync(
  'docs/licences.md',
  `# Licences of the packages Hoxen uses

Written by \`npm run licences\` from the lockfile. A test fails when a package comes with a licence of another kind.

## In what is built and served

| Licence | Packages |
|---|---|
${table(
  rows.filter(({ ships }) => ships),
  (names) => names.join(', '),
)}

## Only to build and to test it

| Licence | Packages |
|---|---|
${table(
  rows.filter(({ ships }) => !ships),
  (names) => names.length,
)}
`,
)
