// Writes docs/third-party.md: everything by others that ships, under which licence, by what the packages say of themselves.
// With --check it writes nothing, and says whether what is written is stale.
import { readFileSync, writeFileSync } from 'node:fs'

const JARS = '../server/target/licences/jars.txt'
const FILE = '../docs/third-party.md'

/** Names of one licence under which packages tell of it. */
const SAME = [
  [/apache/i, 'Apache-2.0'],
  [/^(the )?mit|mit license/i, 'MIT'],
  [/3-clause|edl 1\.0|eclipse distribution|new bsd|ical4j - license/i, 'BSD-3-Clause'],
  [/mpl.?2/i, 'MPL-2.0'],
  [/epl.?1|eclipse public license.*1\.0/i, 'EPL-1.0'],
  [/epl.?2|eclipse public license.*2\.0/i, 'EPL-2.0'],
  [/gpl2 w\/ cpe|classpath/i, 'GPL-2.0 with the classpath exception'],
  [/lgpl.?2\.1|lesser.*2\.1/i, 'LGPL-2.1'],
]
const named = (licence) => SAME.find(([pattern]) => pattern.test(licence))?.[1] ?? licence

const rows = new Map()
function add(licence, what) {
  rows.set(licence, [...(rows.get(licence) ?? []), what])
}

for (const line of readFileSync(JARS, 'utf8').split('\n')) {
  const found = line.match(/^\s*((?:\([^()]*(?:\([^()]*\))?[^()]*\)\s*)+)\s.*\(([\w.-]+):([\w.-]+):([\w.-]+) - /)
  if (!found || found[2].startsWith('org.crispwhorl')) continue
  const licences = [...found[1].matchAll(/\(((?:[^()]|\([^()]*\))*)\)/g)].map((l) => named(l[1]))
  add([...new Set(licences)].sort().join(' or '), `${found[2]}:${found[3]} ${found[4]}`)
}
const { packages } = JSON.parse(readFileSync('package-lock.json', 'utf8'))
for (const [path, tells] of Object.entries(packages)) {
  if (path && !tells.dev && !tells.devOptional && !tells.optional)
    add(named(tells.license), `${path.replace(/^.*node_modules\//, '')} ${tells.version}`)
}

const text = `# Parts by others

Crisp Whorl is built on these, each under its own licence, fetched by the build and unchanged. Written by \`./whorl describe\`; do not edit by hand.

| licence | what |
|---|---|
${[...rows]
  .sort(([a], [b]) => a.localeCompare(b))
  .map(([licence, all]) => `| ${licence} | ${[...new Set(all)].sort().join(' · ')} |`)
  .join('\n')}

What packages do not tell of themselves:
- The native libraries of OR-Tools contain Abseil (Apache-2.0), Protocol Buffers and RE2 (BSD-3-Clause), zlib, bzip2, Eigen (MPL-2.0), HiGHS (MIT), SCIP and SoPlex (Apache-2.0), COIN-OR Cbc and Clp (EPL-2.0).
- EB Garamond and IBM Plex Sans are used on the screen from their packages, and in PDF as the files in \`files/src/main/resources\`, unpacked from the packages' WOFF (SIL Open Font License 1.1).
`

if (!process.argv.includes('--check')) {
  writeFileSync(FILE, text)
} else if (readFileSync(FILE, 'utf8') !== text) {
  console.error('docs/third-party.md is stale: run ./whorl describe')
  process.exit(1)
}
