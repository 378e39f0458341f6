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

/** A solid's half-profile closed along the axis. */
export function solidPath(profile: number[]): string {
  return `${sectionPath(profile)}L0 ${-profile.at(-1)!}L0 ${-profile[1]!}Z`
}

/** A piece cut along its midrib, as thick as it is: from its thickness at the base to that at its tip. */
export function bladePath(profile: Schemas['Profile']): string {
  const m = profile.midrib
  const last = m.length / 2 - 1
  const inside: string[] = []
  const outside: string[] = []
  for (let i = 0; i <= last; i++) {
    const from = Math.max(0, i - 1)
    const to = Math.min(last, i + 1)
    const dx = m[2 * to]! - m[2 * from]!
    const dz = m[2 * to + 1]! - m[2 * from + 1]!
    const length = Math.hypot(dx, dz) || 1
    const half = (profile.thicknessMm + ((profile.tipMm - profile.thicknessMm) * i) / last) / 2
    const x = (-dz / length) * half
    const z = (dx / length) * half
    inside.push(`${-(m[2 * i]! + x)} ${-(m[2 * i + 1]! + z)}`)
    outside.unshift(`${-(m[2 * i]! - x)} ${-(m[2 * i + 1]! - z)}`)
  }
  return `M${[...inside, ...outside].join('L')}Z`
}

/** Under which a shade's colour stands among the tints of the parts. */
export const shadeKey = (id: string) => `shade ${id}`

/** Whether a shape turned to an azimuth (degrees) reaches to the right of the axis. */
export function reachesRight(points: number[], azimuth: number): boolean {
  const turn = (azimuth * Math.PI) / 180
  const [sin, cos] = [Math.sin(turn), Math.cos(turn)]
  for (let i = 0; i + 1 < points.length; i += 2) {
    if (points[i]! * sin + points[i + 1]! * cos > 0) return true
  }
  return false
}

/** An open line of plan points as an SVG path in which azimuth 0 points up. */
export function linePath(points: number[]): string {
  return planPath(points).slice(0, -1)
}

/** A disc seen from above, scalloped where its rim is, with its hollow where it has one. */
export function discPath(disc: Schemas['CentreDisc']): string {
  const circle = (r: number) => `M${-r} 0A${r} ${r} 0 1 1 ${r} 0A${r} ${r} 0 1 1 ${-r} 0Z`
  const outside = disc.rim.length > 0 ? planPath(disc.rim) : circle(disc.radiusMm)
  return outside + (disc.hollowMm > 0 ? circle(disc.hollowMm) : '')
}

/** Places of stamen heads, as drawn. */
export function headPlaces(heads: Schemas['Rounds']): { x: number; y: number }[] {
  const places = []
  for (let i = 0; i + 1 < heads.places.length; i += 2) {
    places.push({ x: heads.places[i + 1]!, y: -heads.places[i]! })
  }
  return places
}
