import type { Schemas } from '@/api/client'

/** Turns plan points (x outwards, y across) into an SVG path in which azimuth 0 points up. */
export function planPath(points: number[]): string {
  let d = ''
  for (let i = 0; i + 1 < points.length; i += 2) {
    d += `${i === 0 ? 'M' : 'L'}${points[i + 1]} ${-points[i]!}`
  }
  return `${d}Z`
}

/** Radius and height in turn as an SVG path on the left of the axis, heights up. */
export function sectionPath(points: number[]): string {
  let d = ''
  for (let i = 0; i + 1 < points.length; i += 2) {
    d += `${i === 0 ? 'M' : 'L'}${-points[i]!} ${-points[i + 1]!}`
  }
  return d
}

/** Places of stamen heads, as drawn. */
export function headPlaces(heads: Schemas['Heads']): { x: number; y: number }[] {
  const places = []
  for (let i = 0; i + 1 < heads.places.length; i += 2) {
    places.push({ x: heads.places[i + 1]!, y: -heads.places[i]! })
  }
  return places
}
