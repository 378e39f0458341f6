import type { Schemas } from '@/api/client'
import { type LengthUnit, writeLength } from './lengths'

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

/** A figure's number and unit as they are shown; what never happens is told in words. */
export function written(value: number | null, unit: Unit, lengths: LengthUnit): { number: string; unit: string } {
  if (value === null) return { number: 'never', unit: '' }
  if (unit === 'mm') return { number: lengths === 'mm' ? value.toFixed(1) : writeLength(value, 'in'), unit: lengths }
  if (unit === 'min' && value >= 120) return { number: (value / 60).toFixed(1), unit: 'h' }
  const [sign, digits] = SIGNS[unit]
  return { number: value.toFixed(digits), unit: sign }
}
