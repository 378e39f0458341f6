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
    fresh.readings = [
      { setting: 1, thickMm: 2.5 },
      { setting: 6, thickMm: 0.8 },
    ]
  }
  return { ...fresh, name: `new ${kindOf(kind).label}` } as Item
}
