/** Lengths are kept in millimetres; here they are read as a maker types them and written as a maker reads them. */
export type LengthUnit = 'mm' | 'in'

const MM_PER_INCH = 25.4
const MM_PER_CM = 10
const FRACTIONS: Record<string, number> = { '¼': 0.25, '½': 0.5, '¾': 0.75, '⅛': 0.125, '⅜': 0.375, '⅝': 0.625, '⅞': 0.875 }

/**
 * Reads `32`, `3.2cm`, `1 1/4in` or `1¼"`; a bare number is in the unit shown.
 * Returns millimetres, or undefined where it cannot be read.
 */
export function readLength(typed: string, shown: LengthUnit): number | undefined {
  const match = /^(-?)\s*(.*?)\s*(mm|cm|in|inch|inches|"|″)?$/i.exec(typed.trim().replace(',', '.'))
  const number = match ? readMixed(match[2] ?? '') : undefined
  if (!match || number === undefined) return undefined
  const signed = match[1] === '-' ? -number : number
  const unit = (match[3] ?? shown).toLowerCase()
  if (unit === 'mm') return signed
  return unit === 'cm' ? signed * MM_PER_CM : signed * MM_PER_INCH
}

/** Reads `1.5`, `1 1/4`, `3/8`, `1¼`. */
function readMixed(text: string): number | undefined {
  const spelt = text.replace(/[¼½¾⅛⅜⅝⅞]/g, (sign) => ` +${FRACTIONS[sign]}`).trim()
  const match = /^(?:(\d+(?:\.\d+)?|\.\d+))?(?:\s*\+?(0\.\d+)|\s+(\d+)\/(\d+))?$/.exec(spelt)
  const bare = /^(\d+)\/(\d+)$/.exec(spelt)
  if (bare) return Number(bare[2]) === 0 ? undefined : Number(bare[1]) / Number(bare[2])
  if (!match || spelt === '') return undefined
  if (match[4] !== undefined && Number(match[4]) === 0) return undefined
  const fraction = match[2] ? Number(match[2]) : match[3] ? Number(match[3]) / Number(match[4]) : 0
  return Number(match[1] ?? 0) + fraction
}

/** A length for reading, without its unit. */
export function writeLength(mm: number, unit: LengthUnit, digits = 1): string {
  return unit === 'mm' ? trimmed(mm, digits) : inches(mm)
}

/** Lengths thinner than this are told to a thousandth of an inch, as a gauge measures them, mm. */
const FINE_MM = 3
const SIXTY_FOURTHS = 64

/** A length in inches: to the nearest sixty-fourth as a fraction, a fine one to the thousandth. */
export function inches(mm: number): string {
  if (Math.abs(mm) < FINE_MM) return (mm / MM_PER_INCH).toFixed(3)
  const parts = Math.round((Math.abs(mm) / MM_PER_INCH) * SIXTY_FOURTHS)
  const whole = Math.floor(parts / SIXTY_FOURTHS)
  let rest = parts % SIXTY_FOURTHS
  let of = SIXTY_FOURTHS
  while (rest > 0 && rest % 2 === 0) [rest, of] = [rest / 2, of / 2]
  const fraction = rest === 0 ? '' : `${rest}/${of}`
  return `${mm < 0 ? '-' : ''}${[whole || rest === 0 ? String(whole) : '', fraction].filter(Boolean).join(' ')}`
}

/** Between inches there is a semicolon or a comma, since 1 1/4 is one length. */
const BETWEEN = { mm: { read: /[\s;]+/, write: ' ' }, in: { read: /[;,]/, write: '; ' } }

/** Lengths for reading, without their unit. */
export function writeLengths(mm: number[], unit: LengthUnit): string {
  return mm.map((one) => writeLength(one, unit)).join(BETWEEN[unit].write)
}

/**
 * Lengths typed one after the other, in millimetres; undefined for what cannot be read. One that still reads as it stood before is the
 * same to the last digit.
 */
export function readLengths(typed: string, unit: LengthUnit, before: number[] = []): (number | undefined)[] {
  const words = typed.split(BETWEEN[unit].read).map((word) => word.trim())
  return words.filter(Boolean).map((word) => before.find((mm) => writeLength(mm, unit) === word) ?? readLength(word, unit))
}

/** A text of the core with its lengths, which it writes with a no-break space before `mm`, as the maker reads them. */
export function toldIn(text: string, unit: LengthUnit): string {
  const shown = (mm: string) => (unit === 'mm' ? mm : inches(Number(mm)))
  return text.replace(
    /(?:(-?\d+(?:\.\d+)?)\u00a0×\u00a0)?(-?\d+(?:\.\d+)?)\u00a0mm/g,
    (_, by: string | undefined, mm: string) => `${by === undefined ? '' : `${shown(by)} × `}${shown(mm)} ${unit}`,
  )
}

/** Reads a plain number or a gauge such as `26ga`. */
export function readNumber(typed: string): number | undefined {
  const match = /^(-?\d*[.,]?\d+)\s*(ga|g|°|%|h|min|mm²|×)?$/i.exec(typed.trim())
  return match ? Number(match[1]!.replace(',', '.')) : undefined
}

/** At most so many digits, and none that say nothing. */
export function trimmed(value: number, digits: number): string {
  return String(Number(value.toFixed(digits)))
}
