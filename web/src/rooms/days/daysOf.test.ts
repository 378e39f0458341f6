import { describe, expect, it } from 'vitest'
import type { Schemas } from '@/api/client'
import {
  closeUp,
  costOf,
  daysOf,
  driesAfter,
  halvesOf,
  hoursOn,
  matches,
  minuteOf,
  movedBetween,
  shadesOf,
  type Sitting,
  taken,
} from './daysOf'

const task = (uid: string, from: string, to: string, meanwhile?: { enough: string; until: string }) =>
  ({ uid, from, to, meanwhile }) as unknown as Schemas['PlacedTask']

describe('the days of a calendar', () => {
  it('run from the first work to the hand-over, empty ones among them', () => {
    const sitting = { uid: 'a', uids: ['a'], from: '2030-06-12T09:00:00', workMin: 90 } as unknown as Schemas['InOneGo']
    const days = daysOf([task('a', '2030-06-12T09:00:00', '2030-06-12T10:30:00')], [sitting], '2030-06-14T10:00:00')
    expect(days.map((d) => d.date)).toEqual(['2030-06-12', '2030-06-13', '2030-06-14'])
    expect(days.map((d) => d.minutes)).toEqual([90, 0, 0])
  })

  it('hold the sittings of each day with the pieces of work in them', () => {
    const tasks = [
      task('a', '2030-06-12T09:00:00', '2030-06-12T09:07:00'),
      task('b', '2030-06-12T09:07:00', '2030-06-12T09:10:00'),
      task('c', '2030-06-13T09:00:00', '2030-06-13T10:00:00'),
    ]
    const sitting = (uids: string[], from: string) => ({ uid: uids[0], uids, from }) as unknown as Schemas['InOneGo']
    const sittings = [sitting(['a', 'b'], '2030-06-12T09:00:00'), sitting(['c'], '2030-06-13T09:00:00')]
    const days = daysOf(tasks, sittings, '2030-06-13T20:00:00')
    expect(days.map((d) => d.sittings.map((s) => s.tasks.map((t) => t.uid)))).toEqual([[['a', 'b']], [['c']]])
  })

  it('say of each half how much of it is taken, and when what was made is dry and needed', () => {
    const dries = { enough: '2030-06-12T15:00:00', until: '2030-06-13T09:00:00', closes: '2030-06-13T12:00:00' }
    const inside = { enough: '2030-06-12T09:10:00', until: '2030-06-12T09:10:00' }
    const tasks = [
      task('a', '2030-06-12T09:00:00', '2030-06-12T09:07:00', inside),
      task('b', '2030-06-12T09:07:00', '2030-06-12T10:00:00', dries),
    ]
    const sitting = {
      uid: 'a',
      uids: ['a', 'b'],
      from: '2030-06-12T09:00:00',
      to: '2030-06-12T10:00:00',
      workMin: 50,
    } as unknown as Schemas['InOneGo']
    const [day] = daysOf(tasks, [sitting], '2030-06-12T20:00:00')
    const week = Array.from({ length: 7 }, () => ({ works: true, from: '09:00:00', to: '17:00:00' }))
    const time = { week, daysOff: [], busy: [], makers: 1, eveningH: 0, sittingMin: 90, quiet: [], runsOn: true }
    expect(halvesOf(day!, time).map((h) => [h.takenMin, h.thereMin])).toEqual([
      [60, 210],
      [0, 270],
    ])
    expect(driesAfter(day!.sittings[0]!)).toEqual(dries)
  })

  it('show what dries over a night on both days', () => {
    const dries = { enough: '2030-06-13T06:00:00', until: '2030-06-13T09:00:00' }
    const [first, second] = daysOf([task('a', '2030-06-12T16:00:00', '2030-06-12T17:00:00', dries)], [], '2030-06-13T10:00:00')
    expect(first!.drying[0]).toMatchObject({ from: 1020, enough: 1440, until: 1440 })
    expect(second!.drying[0]).toMatchObject({ from: 0, enough: 360, until: 540 })
  })

  it('count minutes by the clock, over a night on which it is put on too', () => {
    expect(minuteOf('2030-03-30', '2030-03-31T08:00:00')).toBe(1440 + 480)
    expect(minuteOf('2030-03-31', '2030-03-30T23:00:00')).toBe(-60)
  })

  it('have hours of all makers, or of each where they differ, and none on a day off', () => {
    const week = (from: string) => Array.from({ length: 7 }, (_, i) => ({ works: i < 5, from, to: '17:00:00' }))
    const time = {
      week: week('09:00:00'),
      daysOff: [{ date: '2030-06-12' }],
      busy: [],
      makers: 2,
      eveningH: 0,
      sittingMin: 90,
      quiet: [],
      runsOn: true,
    }
    expect(hoursOn(time, '2030-06-11')).toEqual([{ from: 540, to: 1020, first: 1, last: 2 }])
    expect(hoursOn(time, '2030-06-12')).toEqual([])
    expect(hoursOn(time, '2030-06-15')).toEqual([])
    const second = { week: week('14:00:00'), can: ['dust' as const] }
    expect(hoursOn({ ...time, second }, '2030-06-11')).toEqual([
      { from: 540, to: 1020, first: 1, last: 1 },
      { from: 840, to: 1020, first: 2, last: 2 },
    ])
    expect(hoursOn({ ...time, makers: 1, second }, '2030-06-11')).toEqual([{ from: 540, to: 1020, first: 1, last: 1 }])
  })

  it('are two halves where there is a break at noon', () => {
    const week = Array.from({ length: 7 }, () => ({ works: true, from: '09:00:00', to: '17:00:00' }))
    const time = {
      week,
      daysOff: [],
      busy: [],
      makers: 1,
      eveningH: 0,
      sittingMin: 90,
      quiet: [],
      runsOn: true,
      noon: { from: '12:15:00', to: '13:00:00' },
    }
    expect(hoursOn(time, '2030-06-11')).toEqual([
      { from: 540, to: 735, first: 1, last: 1 },
      { from: 780, to: 1020, first: 1, last: 1 },
    ])
    expect(hoursOn({ ...time, noon: { from: '17:00:00', to: '18:00:00' } }, '2030-06-11')).toHaveLength(1)
  })

  it('are looked at close up from the first hour of work to the last, and searched by words', () => {
    const day = daysOf(
      [task('a', '2030-06-12T09:25:00', '2030-06-12T10:30:00'), task('b', '2030-06-12T15:00:00', '2030-06-12T16:05:00')],
      [],
      '2030-06-12T20:00:00',
    )[0]!
    expect(closeUp(day)).toEqual({ from: 540, to: 1020 })
    expect(closeUp({ ...day, tasks: [] })).toEqual({ from: 0, to: 1440 })
    const petals = { task: 'Make petals', species: 'Towpath camellia' } as Schemas['PlacedTask']
    expect([matches(petals, ''), matches(petals, 'PETALS camel'), matches(petals, 'dust')]).toEqual([true, true, false])
  })

  it('say what a piece of work takes as a maker would', () => {
    const of = (tool: string, count: number) => taken({ tool, count, until: '' })
    expect([of('cabinet', 15), of('racks', 1), of('hooks', 3), of('hooks', 1), of('spoon 56', 5)]).toEqual([
      '15 places in the cabinet',
      '1 place in the racks',
      '3 hooks',
      '1 × hook',
      '5 × spoon 56',
    ])
  })

  it('are none where nothing is planned', () => {
    expect(daysOf([], [], '2030-06-13T10:00:00')).toEqual([])
  })
})

describe('a plan made anew', () => {
  const plan = (begins: string, ...froms: string[]) =>
    ({
      begins,
      tasks: froms.map((from, i) => ({ ...task(String(i), from, from), task: `Make ${i}`, species: 'Camellia', of: 1 })),
    }) as unknown as Schemas['Calendar']

  it('tells how much moved and how much sooner it begins', () => {
    const was = plan('2030-06-12T09:00:00', '2030-06-12T09:00:00', '2030-06-12T10:00:00')
    const now = plan('2030-06-11T15:00:00', '2030-06-11T15:00:00', '2030-06-12T10:00:00')
    expect(movedBetween(was, now)).toBe(
      '1 of 2 pieces of work moved; it begins 18.0 h sooner. Farthest: Make 0 (Camellia) from Wed 09:00 to Tue 15:00.',
    )
    expect(movedBetween(was, was)).toBeUndefined()
    const likely = (inHundred: number) => ({ inHundred, lost: [] })
    expect(movedBetween({ ...was, odds: likely(96) }, { ...now, odds: likely(99) })).toContain(
      'sooner. Ready in time 99 in 100, 96 before.',
    )
    expect(movedBetween({ ...was, odds: likely(96) }, { ...now, odds: likely(96) })).not.toContain('Ready in time')
  })

  it('shows the shades of a sitting, each once and not too many', () => {
    const shaded = (...shades: (string | undefined)[]) => ({ tasks: shades.map((shade) => ({ shade })) }) as unknown as Sitting
    expect(shadesOf(shaded('#112233', undefined, '#445566', '#112233'))).toEqual(['#112233', '#445566'])
    expect(shadesOf(shaded(undefined))).toEqual([])
    expect(shadesOf(shaded('#1', '#2', '#3', '#4', '#5'))).toHaveLength(4)
  })

  it('tells what it would cost, or that there would be none', () => {
    const was = { ...plan('2030-06-12T09:00:00', '2030-06-12T09:00:00'), eveningMin: 0 }
    const then = { ...plan('2030-06-12T08:00:00', '2030-06-12T08:00:00'), eveningMin: 60 }
    expect(costOf(was, then)).toBe(
      '1 of 1 pieces of work moved; it begins 1.0 h sooner. Farthest: Make 0 (Camellia) from Wed 09:00 to Wed 08:00. 60 min more in evenings.',
    )
    expect(costOf(was, was)).toBe('Nothing else moves.')
    expect(costOf(was, { ...then, limit: 'Hands are too few.' })).toBe('There would be no plan. Hands are too few.')
  })
})
