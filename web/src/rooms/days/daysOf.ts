import type { Schemas } from '@/api/client'
import { weekday } from '../order/dates'

type PlacedTask = Schemas['PlacedTask']

/** What is done in one go, with the pieces of work in it. */
export type Sitting = Schemas['InOneGo'] & { tasks: PlacedTask[] }

export const MINUTES_OF_A_DAY = 1440

/** Minutes from a day's midnight to a moment, both local as the server writes them; below 0 before it, above 1440 after it. */
export function minuteOf(day: string, moment: string): number {
  const days = Math.round((Date.parse(`${moment.slice(0, 10)}T12:00`) - Date.parse(`${day}T12:00`)) / 86_400_000)
  return days * MINUTES_OF_A_DAY + Number(moment.slice(11, 13)) * 60 + Number(moment.slice(14, 16))
}

/** A day of the calendar: what hands do on it, and what dries meanwhile. */
export interface Day {
  date: string
  tasks: PlacedTask[]
  sittings: Sitting[]
  minutes: number
  drying: { key: string; from: number; enough: number; until: number; closes?: number; task: PlacedTask }[]
}

/** The days from the first work to the hand-over, each with its part of everything. */
export function daysOf(tasks: PlacedTask[], sittings: Schemas['InOneGo'][], handOver: string): Day[] {
  if (tasks.length === 0) return []
  const days: Day[] = []
  const byUid = new Map(tasks.map((s) => [s.uid, s]))
  const last = handOver.slice(0, 10)
  for (let date = tasks[0]!.from.slice(0, 10); date <= last && days.length < 400; date = after(date)) {
    const own = sittings
      .filter((s) => s.from.slice(0, 10) === date)
      .map((s) => ({ ...s, tasks: s.uids.flatMap((uid) => byUid.get(uid) ?? []) }))
    days.push({
      date,
      tasks: tasks.filter((s) => s.from.slice(0, 10) === date),
      sittings: own,
      minutes: own.reduce((sum, s) => sum + s.workMin, 0),
      drying: tasks.flatMap((task) => {
        if (!task.meanwhile) return []
        const from = minuteOf(date, task.to)
        const until = minuteOf(date, task.meanwhile.until)
        if (until <= 0 || from >= MINUTES_OF_A_DAY) return []
        const within = (minute: number) => Math.max(0, Math.min(MINUTES_OF_A_DAY, minute))
        const closes = task.meanwhile.closes ? minuteOf(date, task.meanwhile.closes) : undefined
        return [
          {
            key: task.uid,
            from: within(from),
            enough: within(minuteOf(date, task.meanwhile.enough)),
            until: within(until),
            ...(closes !== undefined && closes > 0 && closes < MINUTES_OF_A_DAY ? { closes } : {}),
            task,
          },
        ]
      }),
    })
  }
  return days
}

/** What is counted in places, in the maker's words. */
const PLACES: Record<string, string> = { cabinet: 'in the cabinet', racks: 'in the racks' }

/** What there is only so much of and a piece of work takes, in words. */
export function taken(takes: Schemas['Takes']): string {
  const places = PLACES[takes.tool]
  if (places) return `${takes.count} ${takes.count === 1 ? 'place' : 'places'} ${places}`
  return takes.tool === 'hooks' && takes.count > 1 ? `${takes.count} hooks` : `${takes.count} × ${takes.tool.replace(/^hooks$/, 'hook')}`
}

/** Whether a piece of work is one that is looked for: each word occurs in its task or its flower. */
export function matches(task: PlacedTask, sought: string): boolean {
  const text = `${task.task} ${task.species}`.toLowerCase()
  return sought
    .toLowerCase()
    .split(/\s+/)
    .every((word) => text.includes(word))
}

const HOUR = 60

/** What of a day is looked at close up: from the hour in which its first work begins to the one in which its last ends. */
export function closeUp(day: Day): { from: number; to: number } {
  if (day.tasks.length === 0) return { from: 0, to: MINUTES_OF_A_DAY }
  const from = Math.min(...day.tasks.map((s) => minuteOf(day.date, s.from)))
  const to = Math.max(...day.tasks.map((s) => minuteOf(day.date, s.to)))
  return { from: Math.floor(from / HOUR) * HOUR, to: Math.min(MINUTES_OF_A_DAY, Math.ceil(to / HOUR) * HOUR) }
}

/** A stretch of a day in which hands may work. */
export interface Open {
  from: number
  to: number
  /** The first and the last maker whose hours these are, from 1. */
  first: number
  last: number
}

/** The hours of a day: of all makers, or of each where they differ. */
export function hoursOn(time: Schemas['StudioTime'], date: string): Open[] {
  const weekday = (new Date(`${date}T12:00`).getDay() + 6) % 7
  if (time.daysOff.some((d) => d.date === date)) return []
  const other = time.makers > 1 ? time.second : undefined
  const whose = other
    ? [
        { week: time.week, first: 1, last: 1 },
        { week: other.week, first: 2, last: 2 },
      ]
    : [{ week: time.week, first: 1, last: time.makers }]
  return whose.flatMap(({ week, first, last }) => {
    const hours = week[weekday]
    if (!hours?.works) return []
    const at = (clock: string) => minuteOf(date, `${date}T${clock}`)
    const stretches = time.noon
      ? [
          { from: at(hours.from), to: Math.min(at(hours.to), at(time.noon.from)) },
          { from: Math.max(at(hours.from), at(time.noon.to)), to: at(hours.to) },
        ]
      : [{ from: at(hours.from), to: at(hours.to) }]
    return stretches.filter((s) => s.to > s.from).map((s) => ({ ...s, first, last }))
  })
}

/** Where no break is set, a day is halved here. */
const NOON = '12:30'

/** Half a day of work: what is begun in it, how long that takes with its pauses, and how long one pair of hands is there. */
export interface HalfDay {
  name: string
  sittings: Sitting[]
  takenMin: number
  thereMin: number
}

/** A day before its break at noon, and after it. */
export function halvesOf(day: Day, time: Schemas['StudioTime']): HalfDay[] {
  const noon = minuteOf(day.date, `${day.date}T${time.noon?.from ?? NOON}`)
  const open = hoursOn(time, day.date).filter((h) => h.first === 1)
  return [
    { name: 'before noon', from: 0, to: noon },
    { name: 'after noon', from: noon, to: MINUTES_OF_A_DAY },
  ].map(({ name, from, to }) => {
    const own = day.sittings.filter((s) => minuteOf(day.date, s.from) >= from && minuteOf(day.date, s.from) < to)
    return {
      name,
      sittings: own,
      takenMin: own.reduce((sum, s) => sum + minuteOf(day.date, s.to) - minuteOf(day.date, s.from), 0),
      thereMin: open.reduce((sum, h) => sum + Math.max(0, Math.min(h.to, to) - Math.max(h.from, from)), 0),
    }
  })
}

/** What of a sitting is needed first: when that is dry and when it is needed; nothing where nothing has to dry. */
export function driesAfter(sitting: Sitting): Schemas['Meanwhile'] | undefined {
  return sitting.tasks
    .flatMap((s) => (s.meanwhile && !s.done && s.meanwhile.until >= sitting.to ? [s.meanwhile] : []))
    .reduce<Schemas['Meanwhile'] | undefined>((first, w) => (!first || w.until < first.until ? w : first), undefined)
}

function after(date: string): string {
  const next = new Date(`${date}T12:00`)
  next.setDate(next.getDate() + 1)
  return `${next.getFullYear()}-${String(next.getMonth() + 1).padStart(2, '0')}-${String(next.getDate()).padStart(2, '0')}`
}

const MINUTES_OF_AN_HOUR = 60

/** So many of what moved are named. */
const NAMED = 3

/** What moved farthest, from when to when; of what is new nothing is said, nor of less than half an hour. */
function farthest(moved: PlacedTask[], stood: Map<string, string>): string {
  const by = (s: PlacedTask) => Math.abs(minuteOf(s.from.slice(0, 10), stood.get(s.uid)!) - minuteOf(s.from.slice(0, 10), s.from))
  const at = (moment: string) => `${weekday(moment)} ${moment.slice(11, 16)}`
  const told = moved
    .filter((s) => stood.has(s.uid) && by(s) >= MINUTES_OF_AN_HOUR / 2)
    .sort((a, b) => by(b) - by(a))
    .slice(0, NAMED)
    .map((s) => `${named(s)} (${s.species}) from ${at(stood.get(s.uid)!)} to ${at(s.from)}`)
  return told.length ? ` Farthest: ${told.join('; ')}.` : ''
}

/** What became otherwise from one plan to the next, in words; nothing where all stands as it stood. */
export function movedBetween(was: Schemas['Calendar'], now: Schemas['Calendar']): string | undefined {
  if (!was.begins || !now.begins) return undefined
  const stood = new Map(was.tasks.map((s) => [s.uid, s.from]))
  const moved = now.tasks.filter((s) => stood.get(s.uid) !== s.from)
  if (moved.length === 0) return undefined
  const sooner = -minuteOf(was.begins.slice(0, 10), now.begins) + minuteOf(was.begins.slice(0, 10), was.begins)
  const hours = `${(Math.abs(sooner) / MINUTES_OF_AN_HOUR).toFixed(1)} h`
  const begins = sooner === 0 ? 'it begins when it did' : `it begins ${hours} ${sooner > 0 ? 'sooner' : 'later'}`
  return `${moved.length} of ${now.tasks.length} pieces of work moved; ${begins}.${likelier(was, now)}${farthest(moved, stood)}`
}

/** How much likelier or less likely it is in time by a plan than by another; nothing where that is the same, or was not told. */
function likelier(was: Schemas['Calendar'], now: Schemas['Calendar']): string {
  const before = was.odds?.inHundred
  const then = now.odds?.inHundred
  return before === undefined || then === undefined || before === then ? '' : ` Ready in time ${then} in 100, ${before} before.`
}

/** What another calendar would bring: what it moves, how much more or less is done in evenings, or that there would be none. */
export function costOf(was: Schemas['Calendar'], then: Schemas['Calendar']): string {
  if (then.limit) return `There would be no plan. ${then.limit}`
  const moved = movedBetween(was, then) ?? 'Nothing else moves.'
  const more = Math.round(then.eveningMin - was.eveningMin)
  const evenings = more === 0 ? '' : ` ${Math.abs(more)} min ${more > 0 ? 'more' : 'less'} in evenings.`
  return `${moved}${evenings}`
}

/** So many shades of a sitting are shown. */
const SHADES = 4
/** The shades of the pastes of a sitting, each once, those first that are worked on first. */
export const shadesOf = (sitting: Sitting) =>
  [...new Set(sitting.tasks.flatMap((s) => (s.shade === undefined ? [] : [s.shade])))].slice(0, SHADES)

/** A task by its name, and which of its batches it is. */
export const named = (s: Schemas['PlacedTask']) => `${s.task}${s.of > 1 ? `, ${s.batch} of ${s.of}` : ''}`

/** Whether a change can be made from here: of the studio's time or of the order, not of what the drawer has. */
export const takeable = (help: Schemas['Help']) => help.time !== undefined || help.handOver !== undefined || help.spareTimeH !== undefined
