import { describe, expect, it } from 'vitest'
import { inches, readLength, readLengths, readNumber, toldIn, trimmed, writeLength, writeLengths } from './lengths'

describe('a length as a maker types it', () => {
  it.each([
    ['32', 'mm', 32],
    ['3.2cm', 'mm', 32],
    ['3,2 cm', 'in', 32],
    ['1 1/4in', 'mm', 31.75],
    ['1¼"', 'mm', 31.75],
    ['3/8', 'in', 9.525],
    ['-2 mm', 'in', -2],
  ] as const)('%s shown in %s is %d mm', (typed, shown, mm) => {
    expect(readLength(typed, shown)).toBeCloseTo(mm, 9)
  })

  it.each(['', 'wide', '1/0', '3..2', '12 elephants'])('“%s” is no length', (typed) => {
    expect(readLength(typed, 'mm')).toBeUndefined()
  })

  it.each([
    [25.4, '1'],
    [31.75, '1 1/4'],
    [9.525, '3/8'],
    [0.7, '0.028'],
    [-12.7, '-1/2'],
    [32, '1 17/64'],
  ])('%d mm are %s in, and read as they are written', (mm, told) => {
    expect(inches(mm)).toBe(told)
    expect(readLength(told, 'in')).toBeCloseTo(mm, 0)
  })

  it('stands in a list, where one that is left alone stays as it is', () => {
    const kept = [120, 85.3, 31.75]
    for (const unit of ['mm', 'in'] as const) expect(readLengths(writeLengths(kept, unit), unit, kept)).toEqual(kept)
    expect(writeLengths(kept, 'in')).toBe('4 23/32; 3 23/64; 1 1/4')
    expect(readLengths('4 23/32; 2; wide', 'in', kept)).toEqual([120, 50.8, undefined])
    expect(readLengths('120 85.3 40', 'mm', kept)).toEqual([120, 85.3, 40])
  })

  it('is turned in a text of the core, where nothing else is', () => {
    expect(toldIn('cut 5 of 50.8\u00a0mm wide, as my 20 mm ball', 'in')).toBe('cut 5 of 2 in wide, as my 20 mm ball')
    expect(toldIn('5 × 50.8\u00a0×\u00a025.4\u00a0mm · glued', 'in')).toBe('5 × 2 × 1 in · glued')
    expect(toldIn('5 × 27\u00a0×\u00a023\u00a0mm · glued', 'mm')).toBe('5 × 27 × 23 mm · glued')
  })

  it('is written without digits that say nothing', () => {
    expect(writeLength(32, 'mm')).toBe('32')
    expect(trimmed(1.1, 2)).toBe('1.1')
    expect(readNumber('26ga')).toBe(26)
  })
})
