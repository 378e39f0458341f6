import { useClock } from '@/parts/useClock'

/** A moment as the server writes it: local, to the minute. */
export function localMinute(date: Date): string {
  const two = (n: number) => String(n).padStart(2, '0')
  return `${date.getFullYear()}-${two(date.getMonth() + 1)}-${two(date.getDate())}T${two(date.getHours())}:${two(date.getMinutes())}:00`
}

/** Now by the studio's clock and in its zone, to the minute, wherever the device believes that it is. */
export function studioNow(): string {
  const { now, zone } = useClock()
  // Swedish writes a moment as the server does, but for the letter between its day and its time.
  const told = new Date(now()).toLocaleString('sv-SE', zone.value === undefined ? {} : { timeZone: zone.value })
  return `${told.slice(0, 16).replace(' ', 'T')}:00`
}

const DAY = { weekday: 'long', day: 'numeric', month: 'long' } as const
const DATE_LENGTH = 10
const TIME = { hour: '2-digit', minute: '2-digit' } as const

/** A day and time of the studio's calendar stands as it is; a moment that is the same everywhere is told by the studio's clock. */
const told = (text: string, how: Intl.DateTimeFormatOptions) =>
  new Date(text).toLocaleString('en-GB', /Z$|[+-]\d\d:\d\d$/.test(text) ? { ...how, timeZone: useClock().zone.value } : how)

export function readable(text: string): string {
  return `${day(text)}, ${time(text)}`
}

/** The weekday in three letters. */
export function weekday(text: string): string {
  return told(text.length > DATE_LENGTH ? text : `${text}T12:00`, { weekday: 'short' })
}

export function day(text: string): string {
  return told(text, DAY)
}

export function time(text: string): string {
  return told(text, TIME)
}
