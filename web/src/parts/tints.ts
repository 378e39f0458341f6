import { isPetaled, type Part, type Reckoning, type Schemas } from '@/api/client'
import { partSchema } from './fields/schema'
import { shadeKey } from './facePaths'

/** The colour of every part and every shade of a flower, as it was reckoned. */
export function tintsOf(parts: Part[], reckoning: Reckoning | undefined): Record<string, string> {
  const colours = new Map(reckoning?.shades.map((s) => [s.id, s.colour]))
  const fullest = parts.filter((p) => partSchema(p.kind)['x-ring']).at(-1) ?? parts[0]
  const worn = new Map(reckoning?.parts.map((p) => [p.id, p.worn]))
  /** A flat piece without passes, and what is seen of its paste, keep the paste's colour; a body has one colour all over. */
  const bodyOf = (p: Part) => (isPetaled(p) ? undefined : worn.get(p.id)?.middle)
  const shadeOf = (p: Part) => ('shade' in p ? p.shade : fullest && 'shade' in fullest ? fullest.shade : '')
  return Object.fromEntries([
    ...parts.map((p) => [p.id, bodyOf(p) ?? colours.get(shadeOf(p)) ?? '#ffffff']),
    ...[...colours].map(([id, colour]) => [shadeKey(id), colour]),
  ])
}

/** The colour of every part and every shade of what was drawn for a card. */
export function tintsDrawn({ tints, shades }: Pick<Schemas['Drawn'], 'tints' | 'shades'>): Record<string, string> {
  return Object.fromEntries([...tints.map((t) => [t.id, t.colour]), ...shades.map((s) => [shadeKey(s.id), s.colour])])
}
