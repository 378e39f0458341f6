import type { Schemas } from '@/api/client'

type RoomHour = Schemas['RoomHour']

export interface Frame {
  width: number
  top: number
  height: number
  least: number
  most: number
}

/** A scale that holds every value, from one whole step to another, and the steps between its ends. */
export function scale(values: number[], step: number): { least: number; most: number; marks: number[] } {
  const from = Math.floor(Math.min(...values) / step)
  const to = Math.max(from + 2, Math.ceil(Math.max(...values) / step))
  return { least: from * step, most: to * step, marks: Array.from({ length: to - from - 1 }, (_, i) => (from + 1 + i) * step) }
}

/** Where a value stands in a frame. */
export function heightOf(value: number, frame: Frame): number {
  return frame.top + frame.height * (1 - (value - frame.least) / (frame.most - frame.least))
}

/** The lines of a value over the hours, measured and expected apart; they meet where one passes into the other. */
export function lines(hours: RoomHour[], value: (hour: RoomHour) => number, frame: Frame): { measured: boolean; d: string }[] {
  const found: { measured: boolean; d: string }[] = []
  const x = (i: number) => ((frame.width * i) / Math.max(1, hours.length - 1)).toFixed(1)
  const y = (v: number) => heightOf(v, frame).toFixed(1)
  hours.forEach((hour, i) => {
    const last = found.at(-1)
    const at = `${x(i)} ${y(value(hour))}`
    if (last) last.d += `L${at}`
    if (!last || last.measured !== hour.measured) found.push({ measured: hour.measured, d: `M${at}` })
  })
  return found.filter((line) => line.d.includes('L'))
}

/** Where days begin, as places among the hours. */
export function days(hours: RoomHour[]): { at: number; date: string }[] {
  return hours.flatMap((hour, i) => (hour.at.slice(11, 13) === '00' ? [{ at: i, date: hour.at.slice(0, 10) }] : []))
}

/**
 * Hours that a wait takes in the room as it will be, if it begins so many hours from now.
 *
 * @param ahead how fast it dries in each coming hour, over how fast in the room as it is set
 * @param wait hours that it would take in that
 */
export function inRoom(ahead: number[], begins: number, wait: number): number {
  let left = wait
  let hour = begins
  while (left > 0 && hour < ahead.length) {
    const rest = Math.floor(hour) + 1 - hour
    const here = rest * ahead[Math.floor(hour)]!
    if (here >= left) return hour + (left / here) * rest - begins
    left -= here
    hour += rest
  }
  return hour + left - begins
}
