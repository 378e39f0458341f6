import { describe, expect, it } from 'vitest'
import type { Schemas } from '@/api/client'
import { clockOf, sittingsOf, timersOf, underwayOf } from './underway'

const event = (id: string, touch: Schemas['BenchEvent']['touch'], minute: number, pieces = 0, uid = '0/petals/1-1') => ({
  id,
  uid,
  touch,
  at: `2030-06-10T09:${String(minute).padStart(2, '0')}:00`,
  pieces,
})
const card = (key: string, more: Partial<Schemas['BenchCard']> = {}): Schemas['BenchCard'] => ({
  key,
  line: '0',
  species: 'rose',
  task: key.slice(2),
  doing: 'make',
  flowers: 3,
  pieces: 15,
  spares: 2,
  labourMin: 30,
  acts: [],
  passes: [],
  then: [],
  ...more,
})
const petals = card('0/petals', { openMin: 12, then: [{ next: ['tape'], stage: 'firm', enoughMin: 300 }] })
const view = (tasks: Schemas['PlacedTask'][] = []): Schemas['BenchView'] => ({
  id: '00000000-0000-0000-0000-000000000001',
  name: 'Supper',
  lines: [],
  handOver: '2030-06-15T10:00:00',
  tasks,
  cards: [petals, card('0/tape')],
  events: [],
  until: 0,
  delivered: false,
})
const DAY = [
  event('a', 'begun', 0),
  event('b', 'good', 2, 1),
  event('c', 'good', 4, 3),
  event('d', 'broke', 5, 1),
  event('e', 'good', 6, -1),
]

describe('the bench', () => {
  it('counts each touch once, whatever order it is told in', () => {
    const work = underwayOf([...DAY].reverse().concat(DAY)).get('0/petals/1-1')!
    expect(work).toMatchObject({ begun: '2030-06-10T09:00:00', good: 3, broke: 1 })
  })
  it('shares pieces out over the sittings that are planned', () => {
    const task = (batch: number) => ({ uid: `0/petals/${batch}-2`, batch, of: 2, from: '', to: '', because: '' }) as Schemas['PlacedTask']
    expect(sittingsOf(view([task(1), task(2)])).map((s) => [s.pieces, s.spares])).toEqual([
      [7, 1],
      [8, 1],
    ])
    expect(sittingsOf(view()).map((s) => s.uid)).toEqual(['0/petals/1-1', '0/tape/1-1'])
  })
  it('tells how long what was rolled can be shaped, then until when it dries', () => {
    const sittings = sittingsOf(view())
    const nine = Date.parse('2030-06-10T09:00:00')
    expect(timersOf(sittings, underwayOf(DAY)).map((t) => [t.what, t.due - nine])).toEqual([
      ['can be shaped, what waits kept covered', 12 * 60_000],
    ])
    const done = [...DAY, event('f', 'done', 30)]
    expect(timersOf(sittings, underwayOf(done)).map((t) => t.due - nine)).toEqual([330 * 60_000])
    expect(timersOf(sittings, underwayOf([...done, event('g', 'not-yet', 40)]))).toHaveLength(1)
    expect(timersOf(sittings, underwayOf([...done, event('h', 'ready', 50)]))).toHaveLength(0)
    expect(timersOf(sittings, underwayOf([...done, event('i', 'done', 55, 0, '0/tape/1-1')]))).toHaveLength(0)
  })
  it('asks whether what lies open is soft still, until it is skinned', () => {
    const sittings = sittingsOf(view())
    const open = () => timersOf(sittings, underwayOf([...DAY, event('s', 'still-soft', 8)]))
    expect(open()[0]).toMatchObject({ finds: { yes: 'skinned', no: 'still-soft' } })
    expect(timersOf(sittings, underwayOf([...DAY, event('s', 'still-soft', 8), event('k', 'skinned', 11)]))).toHaveLength(0)
  })
  it('waits for a wet pass, and tells when to turn out', () => {
    const pass = { how: 'wash', what: 'rose', where: 'all', waitMin: 4 }
    const washed = sittingsOf({ ...view(), cards: [{ ...petals, turnOutMin: 60, passes: [pass, { ...pass, waitMin: 0 }] }] })
    const nine = Date.parse('2030-06-10T09:00:00')
    const wet = timersOf(washed, underwayOf([...DAY, event('l', 'laid', 10, 1)]))
    expect(wet.map((t) => [t.what, t.due - nine])).toContainEqual(['wash is wet, then the next', 14 * 60_000])
    expect(timersOf(washed, underwayOf([...DAY, event('l', 'laid', 10, 2)])).some((t) => t.what.includes('wet'))).toBe(false)
    const out = timersOf(washed, underwayOf([...DAY, event('f', 'done', 30)]))
    expect(out.map((t) => [t.what, t.due - nine])).toContainEqual(['turn them out of what they lie in', 90 * 60_000])
  })
  it('reads as a clock', () => {
    expect([clockOf(0), clockOf(61_000), clockOf(3_725_000)]).toEqual(['0:00', '1:01', '1:02 h'])
  })

  it('is as if it had not been once it is taken back, on whichever device', () => {
    const at = '2030-06-10T09:00:00Z'
    const told = [
      { id: 'back', uid: 'a', touch: 'taken-back', at, pieces: 0, of: 'slip' },
      { id: 'slip', uid: 'a', touch: 'done', at, pieces: 0 },
      { id: 'one', uid: 'a', touch: 'good', at, pieces: 2 },
    ] as const
    expect(underwayOf([...told]).get('a')).toEqual({ good: 2, broke: 0, looked: [], skin: [] })
  })
})
