import type { Schemas } from '@/api/client'

type Entry = Schemas['Entry']

/** A page of the book: what was done on one day, the first first. */
export interface Page {
  day: string
  entries: Entry[]
}

/** The book as pages, the latest day first. */
export function pagesOf(entries: Entry[]): Page[] {
  const days = new Map<string, Entry[]>()
  for (const entry of entries) {
    const day = entry.at.slice(0, 10)
    days.set(day, [entry, ...(days.get(day) ?? [])])
  }
  return [...days].sort(([a], [b]) => b.localeCompare(a)).map(([day, all]) => ({ day, entries: all }))
}

const plain = (value: number) => (value >= 10 ? value.toFixed(0) : value.toFixed(1))

/** What became of one sitting, as a maker would write it. */
export function told(entry: Entry): string {
  const parts: string[] = []
  if (entry.good + entry.broke > 0) parts.push(`${entry.good} whole${entry.broke ? `, ${entry.broke} broke` : ''}`)
  if (entry.minutes !== undefined && entry.timed) parts.push(`${plain(entry.minutes)} min, reckoned ${plain(entry.reckonedMin)}`)
  else if (entry.minutes !== undefined) parts.push(`left lying, its time teaches nothing`)
  for (const look of entry.looks) {
    const seen = [look.notYetH !== undefined && `not yet at ${plain(look.notYetH)} h`, look.readyH !== undefined && `ready at ${plain(look.readyH)} h`]
    parts.push(`${look.stage}: ${seen.filter(Boolean).join(', ')}, reckoned ${plain(look.reckonedH)} h`)
  }
  return parts.join('; ')
}

/** What looks say of a medium. */
export function dryingTold(medium: string, lesson: Schemas['DryingLesson']): string {
  const { factor, low, high } = lesson.rate
  const share = Math.round(Math.abs(factor - 1) * 100)
  const how = share < 3 ? 'as fast as reckoned' : factor > 1 ? `${share} % faster than reckoned` : `${share} % slower than reckoned`
  return `${medium.slice(0, 1).toUpperCase()}${medium.slice(1)} dries ${how} here; four times in five between ${low.toFixed(2)} and ${high.toFixed(2)} times as fast (${lesson.looks} ${lesson.looks === 1 ? 'look' : 'looks'}).`
}

/** Where a factor stands on an axis of equal ratios, from 0 to 1. */
export function along(factor: number, least = 0.4, most = 2.5): number {
  return Math.min(1, Math.max(0, Math.log(factor / least) / Math.log(most / least)))
}
