import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { Kept } from '@/parts/drawer/things'
import { waitingKey } from '@/kept/useKept'
import { keepWaiting } from './waiting'

const put = vi.hoisted(() => vi.fn())
vi.mock('@/api/client', async (original) => ({ ...(await original<object>()), api: { PUT: put } }))

const thing = (id: string, name: string, version: number) => ({ id, version, item: { kind: 'cutter', name } }) as unknown as Kept
const wait = (of: Kept) => localStorage.setItem(waitingKey(`thing.${of.id}`), JSON.stringify({ version: of.version, value: of.item }))

beforeEach(() => {
  localStorage.clear()
  put.mockReset()
  vi.useFakeTimers()
})
afterEach(() => vi.useRealTimers())

describe('what an earlier visit left waiting in the drawer', () => {
  it('is kept when the drawer is opened again', async () => {
    const changed = thing('a', 'changed', 3)
    put.mockImplementation((_: string, asked: { body: Kept['item'] }) =>
      Promise.resolve({ data: { ...changed, item: asked.body, version: 4 }, response: new Response(null, { headers: { etag: '"4"' } }) }),
    )
    wait(changed)
    const seen: Kept[] = []
    expect(await keepWaiting([thing('a', 'as it was', 3), thing('b', 'other', 1)], (now) => seen.push(now))).toEqual([])
    await vi.advanceTimersByTimeAsync(200)
    expect(seen.map((t) => t.item.name)).toEqual(['changed'])
    expect(localStorage.length).toBe(0)
  })

  it('is asked about where another window has kept something else', async () => {
    wait(thing('a', 'changed', 3))
    expect(await keepWaiting([thing('a', 'theirs', 5)], () => undefined)).toEqual(['a'])
    await vi.advanceTimersByTimeAsync(5000)
    expect(put).not.toHaveBeenCalled()
    expect(localStorage.length).toBe(1)
  })
})
