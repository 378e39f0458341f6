import drawer from '@formats/drawer.schema.json'
import type { Schemas } from '@/api/client'
import { here } from './tools'
import { definition, kinds, publish, usual } from '@/parts/fields/schema'

publish(drawer)

export type Kept = Schemas['KeptItem']
export type Item = Schemas['DrawerItem']
export type Kind = Item['kind']

/** The kinds of things, in the order in which a maker reaches for them, with the maker's words. */
export const KINDS = [...kinds(definition('DrawerItem')).entries()].map(([kind, node]) => ({
  kind: kind as Kind,
  label: node.title ?? kind,
  means: node.description ?? '',
  node,
}))

export const kindOf = (kind: Kind) => KINDS.find((k) => k.kind === kind)!

/** A thing of usual values to begin from. */
export function begun(kind: Kind): Item {
  const fresh = usual(kindOf(kind).node) as Record<string, unknown>
  if (kind === 'roller-machine') {
    fresh.readings = [
      { setting: 1, thickMm: 2.5 },
      { setting: 6, thickMm: 0.8 },
    ]
  }
  return { ...fresh, name: `new ${kindOf(kind).label}` } as Item
}

const mm = (value: number) => value.toFixed(1).replace(/\.0$/, '')
/** A length in a text, as the core writes it, so that it is shown in what the maker reads. */
const length = (value: number, digits = 1) => `${Number(value.toFixed(digits))}\u00a0mm`
const by = (long: number, wide: number) => `${mm(long)}\u00a0×\u00a0${length(wide)}`

/** A thing in a few words, beside its name. */
export function inShort(item: Item): string {
  switch (item.kind) {
    case 'cutter': {
      const { outline, petals, middleMm } = item.cut
      const size =
        petals > 1 ? `${petals} petals, ${length(middleMm + 2 * outline.lengthMm)} across` : by(outline.lengthMm, outline.widthMm)
      return `${size}${item.bendable ? ', bends' : ''}`
    }
    case 'own-veiner':
      return `${length(item.lengthMm)}, ${item.sides === 'both' ? 'both sides' : 'one side'}`
    case 'own-former':
      return `${length(2 * item.rimRadiusMm)} across, ${length(item.depthMm)} deep`
    case 'ridged-board':
      return `${item.grooves} grooves of ${length(item.grooveMm)}`
    case 'roller-machine':
      return `${length(item.stripMm)} wide, ${item.readings.length} settings measured${item.drift === 1 ? '' : `, rolls ${item.drift.toFixed(2)} times as thick`}`
    case 'own-wire':
      return `${item.gauge} ga, ${length(item.lengthMm)}${item.offcutsMm.length ? `, ${item.offcutsMm.length} offcuts` : ''}`
    case 'stamen-bunch':
      return `heads ${length(item.headMm)}`
    case 'tape-roll':
      return `${length(item.widthMm)} wide`
    case 'cake-pick':
      return `bore ${length(item.boreMm)}, ${length(item.lengthMm)} long`
    case 'own-paste':
      return `${item.paste.densityGPerCm3.toFixed(2)} g/cm³`
    case 'colour-pot':
      return `${item.form}, ${item.eaten === 'edible' ? 'edible' : item.eaten === 'non-toxic' ? 'not edible' : 'not known'}`
    case 'ready-made':
      return item.wideMm === 0 ? 'of any size' : item.highMm === 0 ? length(item.wideMm) : by(item.wideMm, item.highMm)
    case 'drying-place':
      return `holds ${item.holds}`
    case 'gauge-diameter':
      return `${item.gauge} ga is ${length(item.diameterMm, 2)}`
    case 'breakage-record':
      return `${item.broken} broken, ${item.whole} whole`
    case 'drying-record':
      return `${item.watched.clock === 'skin' ? 'skins ' : ''}${item.watched.factor.toFixed(2)} times as fast, ${item.watched.looks} looks`
  }
}

/** How much there is of it, with its unit; of tools, how many can be used today. */
export function howMuch(item: Item): string {
  if (item.kind === 'own-paste') return `${mm(item.grams)} g`
  if (item.kind === 'colour-pot') return item.grams === 0 ? `${item.count}, not weighed` : `${item.count}, ${mm(item.grams)} g`
  if ('lent' in item) {
    if (item.kind === 'cutter' && here(item) === 0 && item.lent === 0) return 'could be bought'
    const away = [item.lent && `${item.lent} on loan`, item.worn && `${item.worn} worn out`].filter(Boolean)
    return [String(here(item)), ...away].join(', ')
  }
  if (item.kind === 'tape-roll') return `${mm(item.metres)} m`
  return 'count' in item ? String(item.count) : ''
}

/** The sizes of a thing by which a maker asks for it, mm. */
export function sizesOf(item: Item): number[] {
  switch (item.kind) {
    case 'cutter': {
      const { outline, petals, middleMm } = item.cut
      return petals > 1 ? [middleMm + 2 * outline.lengthMm] : [outline.lengthMm, outline.widthMm]
    }
    case 'own-veiner':
    case 'own-wire':
    case 'cake-pick':
      return [item.lengthMm]
    case 'own-former':
      return [2 * item.rimRadiusMm]
    case 'tape-roll':
      return [item.widthMm]
    case 'ready-made':
      return [item.wideMm, item.highMm].filter((mm) => mm > 0)
    default:
      return []
  }
}
