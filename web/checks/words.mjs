// One word, one meaning: what is called otherwise now stands nowhere but where older documents are read.
import { readdirSync, readFileSync, statSync } from 'node:fs'
import { join } from 'node:path'

const ROOT = '../..'
const LOOKED_THROUGH = [
  'demo/src/main/resources',
  'files/src/main/resources',
  'core/src',
  'files/src/main/java',
  'files/src/test/java',
  'server/src',
  'journey/src/test/java',
  'benchmarks/src',
  'web/src',
  'docs',
  'README.md',
  'CONTRIBUTING.md',
]
const TEXT = /\.(java|ts|vue|md|json)$/
/** What reads older documents and data, and what is written anew by itself. */
const LEFT_ALONE =
  /(OldNames|DocumentLift|DrawerLift|KeptText|CalendarIcsTest)\w*\.java$|db\/migration|Schema\.java$|schema\.d\.ts$|docs\/formats\/|decisions\/50-|third-party\.md$|benchmarks\.md$|\.schema\.json$/
const OLD = new Map([
  [/\bhearts?\b(?! leaves|[- ]shaped)/i, 'centre'],
  [/(?<!crisp[- ]?)(?<!\.\/)\bwhorls?\b(?!\.svg)/i, 'ring'],
  [/\bleanDeg\b/, 'opensDeg'],
  [/\bseatMm\b/, 'onStemMm'],
  [/\binsertion(Mm)?\b/i, 'wire inside'],
  [/\bquickCount\b/, 'fewerCount'],
  [/\bmargin(H|Pct)\b/, 'spareTimeH, profitPct'],
  [/\bhandsMin\b/, 'labourMin'],
  [/\bstints?\b/i, 'task'],
  [/\bslate\b/i, 'quick figures'],
  [/\bput aside\b/i, 'archive'],
  [/crisp ring/i, 'Crisp Whorl'],
  [/@(Never|Words|Seldom)\b/, '@MayBeInfinite, @Text, @Advanced'],
  [/\b(AsMade|HeartForm|Lump|Fused|Lately)\b/, 'see docs/decisions/50-one-word-one-meaning.md'],
  [/\bmaster (colour|paste|g)\b/i, 'strong colour'],
])

function* files(path) {
  if (statSync(path).isDirectory()) {
    for (const name of readdirSync(path)) if (name !== 'target' && name !== 'node_modules') yield* files(join(path, name))
  } else if (TEXT.test(path) && !LEFT_ALONE.test(path)) yield path
}

let found = 0
for (const start of LOOKED_THROUGH) {
  for (const file of files(join(ROOT, start))) {
    readFileSync(file, 'utf8')
      .split('\n')
      .forEach((line, at) => {
        const plain = line.replaceAll(/org\.crispwhorl|CrispWhorl|crispwhorl/g, '')
        for (const [old, now] of OLD) {
          if (old.test(plain)) {
            console.error(`${file.slice(ROOT.length + 1)}:${at + 1}: ${old.exec(plain)[0]} is called otherwise now: ${now}`)
            found++
          }
        }
      })
  }
}
if (found > 0) process.exit(1)
