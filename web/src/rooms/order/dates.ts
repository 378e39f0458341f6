/** A moment as the server writes it: local, to the minute. */
export function localMinute(date: Date): string {
  const two = (n: number) => String(n).padStart(2, '0')
  return `${date.getFullYear()}-${two(date.getMonth() + 1)}-${two(date.getDate())}T${two(date.getHours())}:${two(date.getMinutes())}:00`
}

const DAY = new Intl.DateTimeFormat('en-GB', { weekday: 'long', day: 'numeric', month: 'long' })
const TIME = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' })

export function readable(local: string): string {
  return `${day(local)}, ${time(local)}`
}

export function day(local: string): string {
  return DAY.format(new Date(local))
}

export function time(local: string): string {
  return TIME.format(new Date(local))
}
