import { api } from '@/api/client'
import { ifMatch, versioned } from '@/kept/etags'
import { useKept, waitingNames, type Home } from '@/kept/useKept'
import type { Item, Kept } from '@/parts/drawer/things'

const NAME = 'thing.'
const KEPT_AFTER_MS = 150

/** Where a thing of the drawer is kept. */
export function homeOf(thing: Kept, kept: (now: Kept) => void): Home<Item> {
  const path = { id: thing.id }
  return {
    name: NAME + thing.id,
    read: () => Promise.resolve({ version: thing.version, value: thing.item }),
    async write(item, version) {
      const now = await versioned(api.PUT('/api/drawer/{id}', { params: { path, header: ifMatch(version) }, body: item, keepalive: true }))
      kept(now.value)
      return now.version
    },
    theirs: (document) => document as Item,
    afterMs: KEPT_AFTER_MS,
  }
}

/** Keeps what an earlier visit left waiting in this browser; gives the things of which another window has kept something else since. */
export async function keepWaiting(things: Kept[], kept: (now: Kept) => void): Promise<string[]> {
  const names = new Set(waitingNames(NAME))
  const disputed: string[] = []
  for (const thing of things.filter((t) => names.has(NAME + t.id))) {
    const keep = useKept(homeOf(thing, kept))
    await keep.load()
    if (keep.state.value === 'two-versions') disputed.push(thing.id)
  }
  return disputed
}
