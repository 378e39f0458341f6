import type { Schemas } from '@/api/client'
import { inches, type LengthUnit, writeLength } from './lengths'

type Unit = Schemas['Unit']

const SIGNS: Record<Unit, [sign: string, digits: number]> = {
  mm: ['mm', 1],
  'fine-mm': ['mm', 2],
  'square-mm': ['mm²', 0],
  'cubic-mm': ['mm³', 0],
  g: ['g', 1],
  milligram: ['mg', 0],
  'g-per-cm3': ['g/cm³', 2],
  min: ['min', 0],
  h: ['h', 1],
  day: ['d', 0],
  metre: ['m', 1],
  money: ['', 2],
  degree: ['°', 0],
  'fine-degree': ['°', 1],
  celsius: ['°C', 0],
  'fine-celsius': ['°C', 1],
  fahrenheit: ['°F', 0],
  inch: ['in', 3],
  ounce: ['oz', 2],
  percent: ['%', 0],
  mpa: ['MPa', 0],
  'newton-mm': ['N·mm', 1],
  gauge: ['ga', 0],
  count: ['', 0],
  factor: ['×', 2],
  none: ['', 2],
}

/** Of a square and of a cubic inch. */
const SQUARE_MM = 25.4 ** 2
const CUBIC_MM = 25.4 ** 3

/** A figure's number and unit as they are shown; what never happens is told in words. */
export function written(value: number | null, unit: Unit, lengths: LengthUnit): { number: string; unit: string } {
  if (value === null) return { number: 'never', unit: '' }
  if (unit === 'mm') return { number: lengths === 'mm' ? value.toFixed(1) : writeLength(value, 'in'), unit: lengths }
  if (lengths === 'in' && unit === 'fine-mm') return { number: inches(value), unit: 'in' }
  if (lengths === 'in' && unit === 'square-mm') return { number: (value / SQUARE_MM).toFixed(2), unit: 'in²' }
  if (lengths === 'in' && unit === 'cubic-mm') return { number: (value / CUBIC_MM).toFixed(3), unit: 'in³' }
  if (unit === 'min' && value >= 120) return { number: (value / 60).toFixed(1), unit: 'h' }
  const [sign, digits] = SIGNS[unit]
  return { number: value.toFixed(digits), unit: sign }
}

/** A figure's number and unit in one. */
export function told(value: number, unit: Unit, lengths: LengthUnit): string {
  const { number, unit: sign } = written(value, unit, lengths)
  return `${number} ${sign}`
}
