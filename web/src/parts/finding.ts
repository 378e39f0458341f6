/** What is found by name, kind and size. */
export interface Findable {
  label: string
  kind: string
  size?: string
  sizes?: number[]
}

/** A number comes near a size within this share of it. */
const NEAR = 0.08

/** How far a number is from the nearest size of a place, as a share; Infinity where it is near none. */
function off(place: Findable, asked: number): number {
  const least = Math.min(...(place.sizes ?? []).map((s) => Math.abs(asked / s - 1)))
  return least <= NEAR ? least : Infinity
}

const numberOf = (word: string) => (/^\d+([.,]\d+)?(mm)?$/.test(word) ? parseFloat(word.replace(',', '.')) : undefined)

/** The very name first, then names that begin so, then what comes nearest to the numbers that are asked for. */
function rank(place: Findable, asked: string, numbers: number[]): number {
  const label = place.label.toLowerCase()
  if (label === asked) return -2
  if (label.startsWith(asked)) return -1
  return numbers.reduce((sum, n) => sum + Math.min(1, off(place, n)), 0)
}

/** Places that answer to every word of what is asked, the closest first; a number is a size in mm, or part of a name. */
export function foundPlaces<T extends Findable>(places: T[], query: string): T[] {
  const asked = query.trim().toLowerCase()
  const words = asked.split(/\s+/).filter((w) => w !== '' && w !== 'mm')
  const numbers = words.map(numberOf).filter((n) => n !== undefined)
  const answers = (place: T, word: string) => {
    const number = numberOf(word)
    return `${place.label} ${place.kind}`.toLowerCase().includes(word) || (number !== undefined && off(place, number) < Infinity)
  }
  return places.filter((p) => words.every((w) => answers(p, w))).sort((a, b) => rank(a, asked, numbers) - rank(b, asked, numbers))
}
