import type { Schemas } from '@/api/client'

type BenchEvent = Schemas['BenchEvent']

/** How far a piece of work is, by what was touched. */
export interface Underway {
  begun?: string
  good: number
  broke: number
  done?: string
  looked: { at: string; ready: boolean }[]
  /** How it was found while it lay open; ready is skinned. */
  skin: { at: string; ready: boolean }[]
  /** The pass of colour that was laid last, from 1. */
  laid?: { pass: number; at: string }
}

export const UNTOUCHED: Underway = { good: 0, broke: 0, looked: [], skin: [] }

function after(work: Underway, event: BenchEvent): Underway {
  switch (event.touch) {
    case 'begun':
      return { ...work, begun: work.begun ?? event.at }
    case 'good':
      return { ...work, good: Math.max(0, work.good + event.pieces) }
    case 'broke':
      return { ...work, broke: Math.max(0, work.broke + event.pieces) }
    case 'done':
      return { ...work, done: event.at }
    case 'undone':
      return { ...work, done: undefined }
    case 'not-yet':
    case 'ready':
      return { ...work, looked: [...work.looked, { at: event.at, ready: event.touch === 'ready' }] }
    case 'still-soft':
    case 'skinned':
      return { ...work, skin: [...work.skin, { at: event.at, ready: event.touch === 'skinned' }] }
    case 'laid':
      return { ...work, laid: { pass: event.pieces, at: event.at } }
    default:
      return work
  }
}

/** What touches come to, whatever order they are told in and however often; the server reckons the same. */
export function underwayOf(events: BenchEvent[]): Map<string, Underway> {
  const once = new Map(events.map((e) => [e.id, e]))
  for (const event of events) if (event.of !== undefined) once.delete(event.of)
  const works = new Map<string, Underway>()
  const sooner = (a: BenchEvent, b: BenchEvent) => Date.parse(a.at) - Date.parse(b.at) || (a.id < b.id ? -1 : 1)
  for (const event of [...once.values()].sort(sooner)) {
    works.set(event.uid, after(works.get(event.uid) ?? UNTOUCHED, event))
  }
  return works
}

/** A sitting at the bench: a card, and how much of it. */
export interface Sitting {
  uid: string
  card: Schemas['BenchCard']
  batch: number
  of: number
  /** When it is planned; undefined where nothing is. */
  from?: string
  to?: string
  because?: string
  pieces: number
  spares: number
}

/** How many of so many fall to one of several sittings, as evenly as can be. */
const share = (all: number, batch: number, of: number) => Math.floor((all * batch) / of) - Math.floor((all * (batch - 1)) / of)

/** The sittings of an order: as they are planned, or each task in one where nothing is planned. */
export function sittingsOf(view: Schemas['BenchView']): Sitting[] {
  const cards = new Map(view.cards.map((c) => [c.key, c]))
  if (view.tasks.length === 0) {
    return view.cards.map((card) => ({ uid: `${card.key}/1-1`, card, batch: 1, of: 1, pieces: card.pieces, spares: card.spares }))
  }
  return view.tasks.flatMap((s) => {
    const card = cards.get(s.uid.slice(0, s.uid.lastIndexOf('/')))
    return card === undefined
      ? []
      : [
          {
            uid: s.uid,
            card,
            batch: s.batch,
            of: s.of,
            from: s.from,
            to: s.to,
            because: s.because,
            pieces: s.lastFlower > 0 ? s.pieces : share(card.pieces, s.batch, s.of),
            spares: share(card.spares, s.batch, s.of),
          },
        ]
  })
}

/** Something that is waited for. */
export interface Timer {
  key: string
  uid: string
  name: string
  what: string
  /** When it is due, and from when it counts. */
  from: number
  due: number
  /** When it is too late; undefined where it never is. */
  closes?: number
  /** What a maker finds who looks; undefined where nobody looks. */
  finds?: { no: Touch; noLabel: string; yes: Touch; yesLabel: string }
}

type Touch = BenchEvent['touch']
const DRIES = { no: 'not-yet', noLabel: 'not yet', yes: 'ready', yesLabel: 'ready' } as const
const SKINS = { no: 'still-soft', noLabel: 'still soft', yes: 'skinned', yesLabel: 'skinned' } as const

const MINUTE = 60_000
const HAND_OVER = 'hand-over'

/** All that is waited for after what was touched, the nearest to its end first. */
export function timersOf(sittings: Sitting[], works: Map<string, Underway>): Timer[] {
  const timers: Timer[] = []
  const over = (line: string, task: string) =>
    sittings.filter((s) => s.card.line === line && s.card.task === task).every((s) => works.get(s.uid)?.done !== undefined)
  for (const sitting of sittings) {
    const work = works.get(sitting.uid)
    const name = sitting.of > 1 ? `${sitting.card.task}, ${sitting.batch} of ${sitting.of}` : sitting.card.task
    if (work?.begun !== undefined && work.done === undefined && sitting.card.openMin !== undefined && !work.skin.some((l) => l.ready)) {
      const from = Date.parse(work.begun)
      timers.push({
        key: `${sitting.uid} open`,
        uid: sitting.uid,
        name,
        what: 'can be shaped, what waits kept covered',
        from,
        due: from + sitting.card.openMin * MINUTE,
        finds: SKINS,
      })
    }
    const laid = work?.laid && sitting.card.passes[work.laid.pass - 1]
    if (laid && laid.waitMin > 0 && work.done === undefined) {
      const from = Date.parse(work.laid!.at)
      timers.push({
        key: `${sitting.uid} laid`,
        uid: sitting.uid,
        name,
        what: `${laid.how} is wet, then the next`,
        from,
        due: from + laid.waitMin * MINUTE,
      })
    }
    if (work?.done !== undefined && sitting.card.turnOutMin !== undefined && !work.looked.some((l) => l.ready)) {
      const from = Date.parse(work.done)
      timers.push({
        key: `${sitting.uid} out`,
        uid: sitting.uid,
        name,
        what: 'turn them out of what they lie in',
        from,
        due: from + sitting.card.turnOutMin * MINUTE,
      })
    }
    if (work?.done !== undefined) {
      // Each time that it was found ready, one wait after the other is over.
      const found = work.looked.filter((l) => l.ready).length
      for (const wait of sitting.card.then.slice(found)) {
        const waiting = wait.next.filter((next) => next !== HAND_OVER && !over(sitting.card.line, next))
        if (waiting.length === 0) continue
        const from = Date.parse(work.done)
        timers.push({
          key: `${sitting.uid} ${wait.enoughMin}`,
          uid: sitting.uid,
          name,
          what: `${wait.stage === undefined ? 'rests' : `until ${wait.stage.replace('-', ' ')}`}, then: ${waiting[0]!.toLowerCase()}${waiting.length > 1 ? ' …' : ''}`,
          from,
          due: from + wait.enoughMin * MINUTE,
          closes: wait.closesMin === undefined ? undefined : from + wait.closesMin * MINUTE,
          finds: wait.stage === undefined ? undefined : DRIES,
        })
      }
    }
  }
  return timers.sort((a, b) => a.due - b.due)
}

/** A stretch of time as a clock shows it. */
export function clockOf(ms: number): string {
  const s = Math.max(0, Math.ceil(ms / 1000))
  const two = (n: number) => String(n).padStart(2, '0')
  const [h, m] = [Math.floor(s / 3600), Math.floor((s % 3600) / 60)]
  return h > 0 ? `${h}:${two(m)} h` : `${m}:${two(s % 60)}`
}
