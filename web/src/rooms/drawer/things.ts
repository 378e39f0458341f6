import drawer from '@formats/drawer.schema.json'
import type { Schemas } from '@/api/client'
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
    fresh.readings = [{ setting: 1, thickMm: 2.5 }, { setting: 6, thickMm: 0.8 }]
  }
  return { ...fresh, name: `new ${kindOf(kind).label}` } as Item
}

const mm = (value: number) => value.toFixed(1).replace(/\.0$/, '')

/** A thing in a few words, beside its name. */
export function inShort(item: Item): string {
  switch (item.kind) {
    case 'cutter': {
      const { outline, petals, middleMm } = item.cut
      const size = petals > 1 ? `${petals} petals, ${mm(middleMm + 2 * outline.lengthMm)} mm across` : `${mm(outline.lengthMm)} × ${mm(outline.widthMm)} mm`
      return `${size}${item.bendable ? ', bends' : ''}`
    }
    case 'own-veiner':
      return `${mm(item.lengthMm)} mm, ${item.sides === 'both' ? 'both sides' : 'one side'}`
    case 'own-former':
      return `${mm(2 * item.rimRadiusMm)} mm across, ${mm(item.depthMm)} deep`
    case 'ridged-board':
      return `${item.grooves} grooves of ${mm(item.grooveMm)} mm`
    case 'roller-machine':
      return `${mm(item.stripMm)} mm wide, ${item.readings.length} settings measured`
    case 'own-wire':
      return `${item.gauge} ga, ${mm(item.lengthMm)} mm${item.offcutsMm.length ? `, ${item.offcutsMm.length} offcuts` : ''}`
    case 'stamen-bunch':
      return `heads ${mm(item.headMm)} mm`
    case 'tape-roll':
      return `${mm(item.widthMm)} mm wide`
    case 'cake-pick':
      return `bore ${mm(item.boreMm)}, ${mm(item.lengthMm)} mm long`
    case 'own-paste':
      return `${item.paste.densityGPerCm3.toFixed(2)} g/cm³`
    case 'colour-pot':
      return `${item.form}, ${item.eaten === 'edible' ? 'edible' : item.eaten === 'non-toxic' ? 'not edible' : 'not known'}`
    case 'drying-place':
      return `holds ${item.holds}`
    case 'gauge-diameter':
      return `${item.gauge} ga is ${item.diameterMm.toFixed(2)} mm`
    case 'breakage-record':
      return `${item.broken} broken, ${item.whole} whole`
  }
}

/** How much there is of it, with its unit. */
export function howMuch(item: Item): string {
  if (item.kind === 'own-paste') return `${mm(item.grams)} g`
  if (item.kind === 'tape-roll') return `${mm(item.metres)} m`
  return 'count' in item ? String(item.count) : ''
}
