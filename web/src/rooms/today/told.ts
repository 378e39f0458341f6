import type { Schemas } from '@/api/client'
import { day, time } from '../order/dates'

const MIN_MS = 60_000
const HOUR_MIN = 60
/** So near a moment is told by how long it is until then, min. */
const NEAR_MIN = 100

/** A moment of the studio's calendar as it is said now: in minutes where it is near, by the clock today, else with its day. */
export function told(moment: string, now: string): string {
  const minutes = Math.round((Date.parse(moment) - Date.parse(now)) / MIN_MS)
  const by = moment.slice(0, 10) === now.slice(0, 10) ? time(moment) : `${day(moment)}, ${time(moment)}`
  if (Math.abs(minutes) > NEAR_MIN) return by
  const size = Math.abs(minutes) < HOUR_MIN ? `${Math.abs(minutes)} min` : `${(Math.abs(minutes) / HOUR_MIN).toFixed(1)} h`
  return minutes >= 0 ? `in ${size} (${by})` : `${size} ago (${by})`
}

/** What of a shopping list the drawer lacks, each with how much of it, as one buys it: what is weighed and measured, to a tenth more. */
export function missing(lines: Schemas['ShoppingLine'][]): string[] {
  return lines
    .filter((l) => l.needed > l.owned)
    .map((l) => {
      const lacking = Math.ceil((l.needed - l.owned) * 10 - 1e-9) / 10
      if (!l.sign) return lacking === 1 ? l.what : `${Math.ceil(lacking)} × ${l.what}`
      return `${l.what}: ${lacking} ${l.sign}`
    })
}
