import type { Schemas } from '@/api/client'

type Entry = Schemas['Entry']

/** A page of the book: what was done on one day, the first first. */
export interface Page {
  day: string
  entries: Entry[]
  /** What was written down of no work in particular. */
  remarks: Schemas['Remark'][]
}

/** The book as pages, the latest day first. */
export function pagesOf(entries: Entry[], remarks: Schemas['Remark'][] = []): Page[] {
  const days = new Map<string, Page>()
  const page = (at: string) => {
    const day = at.slice(0, 10)
    const there = days.get(day) ?? { day, entries: [], remarks: [] }
    days.set(day, there)
    return there
  }
  for (const entry of entries) page(entry.at).entries.unshift(entry)
  for (const remark of remarks) page(remark.written.at).remarks.unshift(remark)
  return [...days.values()].sort((a, b) => b.day.localeCompare(a.day))
}

const plain = (value: number) => (value >= 10 ? value.toFixed(0) : value.toFixed(1))

/** What became of one sitting, as a maker would write it. */
export function told(entry: Entry): string {
  const parts: string[] = []
  if (entry.good + entry.broke > 0) parts.push(`${entry.good} whole${entry.broke ? `, ${entry.broke} broke` : ''}`)
  if (entry.minutes !== undefined && entry.timed) parts.push(`${plain(entry.minutes)} min, reckoned ${plain(entry.reckonedMin)}`)
  else if (entry.minutes !== undefined) parts.push(`left lying, its time teaches nothing`)
  for (const look of entry.skin) {
    const seen = [
      look.notYetH !== undefined && `still soft at ${plain(look.notYetH * 60)} min`,
      look.readyH !== undefined && `skinned at ${plain(look.readyH * 60)} min`,
    ]
    parts.push(`${seen.filter(Boolean).join(', ')}, reckoned ${plain(look.reckonedH * 60)} min`)
  }
  for (const look of entry.looks) {
    const seen = [
      look.notYetH !== undefined && `not yet at ${plain(look.notYetH)} h`,
      look.readyH !== undefined && `ready at ${plain(look.readyH)} h`,
    ]
    parts.push(`${look.stage}: ${seen.filter(Boolean).join(', ')}, reckoned ${plain(look.reckonedH)} h`)
  }
  if (entry.room) parts.push(`${plain(entry.room.temperatureC)} °C, ${plain(entry.room.humidityPct)} %`)
  return parts.join('; ')
}

/** Where four of five fall, as shares more or less. */
function usually({ low, high }: { low: number; high: number }, more: string, less: string): string {
  const percent = (factor: number) => Math.round(100 * Math.abs(factor - 1))
  if (high <= 1) return `usually ${percent(high)}–${percent(low)} % ${less}`
  if (low >= 1) return `usually ${percent(low)}–${percent(high)} % ${more}`
  return `usually from ${percent(low)} % ${less} to ${percent(high)} % ${more}`
}

/** What measured sheets say of the roller. */
export function rollerTold(roller: Schemas['RollerLearnt']): string {
  const share = Math.round(Math.abs(roller.factor - 1) * 100)
  const how = share < 2 ? 'rolls as its table says' : `rolls ${share} % ${roller.factor > 1 ? 'thicker' : 'thinner'} than its table says`
  return `${roller.machine} ${how}; ${usually(roller, 'thicker', 'thinner')} (${roller.measures} ${roller.measures === 1 ? 'sheet' : 'sheets'}).`
}

/** What looks say of a medium. */
export function dryingTold(medium: string, lesson: Schemas['DryingLesson']): string {
  const { factor, low, high } = lesson.rate
  const share = Math.round(Math.abs(factor - 1) * 100)
  const how = share < 3 ? 'as fast as reckoned' : factor > 1 ? `${share} % faster than reckoned` : `${share} % slower than reckoned`
  return `${medium.slice(0, 1).toUpperCase()}${medium.slice(1)} ${lesson.clock === 'skin' ? 'skins' : 'dries'} ${how} here; ${usually({ low, high }, 'faster', 'slower')} (${lesson.looks} ${lesson.looks === 1 ? 'look' : 'looks'}).`
}

/** Where a factor stands on an axis of equal ratios, from 0 to 1. */
export function along(factor: number, least = 0.4, most = 2.5): number {
  return Math.min(1, Math.max(0, Math.log(factor / least) / Math.log(most / least)))
}
