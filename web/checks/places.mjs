// In how many places by hand does something new of a kind stand? Counted at all that are there; what one of them does besides, such as
// lessons that a roller teaches, counts with it, so that the half that does least is what an addition takes.
import { readdirSync, readFileSync, statSync } from 'node:fs'
import { join } from 'node:path'

const ROOT = '../..'
const SOURCES = ['core/src/main', 'files/src/main/java', 'server/src/main/java', 'web/src']
/** Tests have a row each besides; the lifts of older documents name what was there then; what is written anew counts for nothing. */
const LEFT_ALONE = /\.test\.ts$|schema\.d\.ts$|(Lift|OldNames|KeptText)\.java$/
const MOST = 4

/** All of each kind, by what they are called in the code; those that are told apart in documents are looked for by that name, too. */
const KINDS = {
  'kind of part': 'Centre Stamens FineStamens Pistil Ring Calyx Leaf Roll Bead Tendril StemWrap Heads Supports',
  making: 'OnePiece BrimmedCone Pressed Weighed Pulled HollowedCone ByHand',
  'centre form': 'Dome Cluster CoveredBall CappedHalfBall SliverCone WoundFringe TexturedHead BoughtCore Pearls BareStem',
  finding: readdirSync(join(ROOT, 'core/src/main/java/org/crispwhorl/core/finding'))
    .map((file) => file.replace('.java', ''))
    .filter((name) =>
      readFileSync(join(ROOT, `core/src/main/java/org/crispwhorl/core/finding/${name}.java`), 'utf8').includes('implements Rule'),
    )
    .join(' '),
  medium: 'GUM_PASTE GUM_FONDANT PLAIN_FONDANT MODELLING_CHOCOLATE MARZIPAN COLD_PORCELAIN',
  sheet: 'CutSheet WireSheet PasteSheet PassSheet StemSheet ShoppingSheet ServiceSheet',
  technique: 'Glue Dusting Counts RingOrder Assembly DriesIn',
  'stock item':
    'Cutter OwnVeiner OwnFormer RidgedBoard RollerMachine OwnWire StamenBunch TapeRoll CakePick OwnPaste ColourPot ReadyMade DryingPlace GaugeDiameter BreakageRecord DryingRecord',
}
const inDocuments = (name) =>
  name === name.toUpperCase() ? name.toLowerCase().replaceAll('_', '-') : name.replaceAll(/(?<=[a-z0-9])(?=[A-Z])/g, '-').toLowerCase()

function* files(path) {
  if (statSync(path).isDirectory()) for (const name of readdirSync(path)) yield* files(join(path, name))
  else if (/\.(java|ts|vue)$/.test(path) && !LEFT_ALONE.test(path)) yield path
}

const texts = SOURCES.flatMap((start) => [...files(join(ROOT, start))]).map((file) => ({
  file: file.slice(ROOT.length + 1),
  // What is said in comments and sentences, or only imported, is no place.
  text: readFileSync(file, 'utf8')
    .replaceAll(/\/\*[\s\S]*?\*\/|\/\/.*$/gm, '')
    .replaceAll(/^import .*$/gm, '')
    .replaceAll(/"[^"\n]* [^"\n]*"/g, '""'),
}))

const list = process.argv.includes('--list')
let tooMany = false
for (const [kind, names] of Object.entries(KINDS)) {
  const counted = names.split(' ').map((name) => {
    const inJava = new RegExp(`\\b${name}\\b`)
    const inPage = new RegExp(`Schemas\\['${name}'\\]|(?:kind === |case )'${inDocuments(name)}'`)
    const places = texts.filter(({ text, file }) => (file.endsWith('.java') ? inJava : inPage).test(text)).map(({ file }) => file)
    if (list) console.log(`${kind}, ${name}:\n  ${places.join('\n  ')}`)
    return { name, places: places.length }
  })
  counted.sort((a, b) => a.places - b.places)
  const half = counted[Math.floor((counted.length - 1) / 2)].places
  const most = counted.at(-1)
  console.log(
    `${kind.padEnd(14)} half of ${String(counted.length).padStart(2)} in ${half} places or fewer; most: ${most.name}, ${most.places}`,
  )
  tooMany ||= half > MOST
}
if (tooMany) {
  console.error(`Something new of a kind would stand in more than ${MOST} places.`)
  process.exit(1)
}
