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
