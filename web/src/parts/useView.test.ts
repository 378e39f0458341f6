import { describe, expect, it } from 'vitest'
import { useView } from './useView'

const whole = () => ({ x: -50, y: -80, width: 100, height: 120 })

describe('looking at a part of a drawing', () => {
  it('begins with the whole', () => {
    expect(useView(whole).frame.value).toEqual(whole())
  })

  it('enlarges about a point, which stays where it is', () => {
    const view = useView(whole)
    view.zoomBy(2, { x: -25, y: -50 })
    const { x, y, width, height } = view.frame.value
    expect((-25 - x) / width).toBeCloseTo(0.25, 9)
    expect((-50 - y) / height).toBeCloseTo(0.25, 9)
    expect(width).toBe(50)
  })

  it('never leaves the drawing', () => {
    const view = useView(whole)
    view.zoomBy(4)
    view.pan(1000, -1000)
    const { x, y, width } = view.frame.value
    expect(x + width).toBeCloseTo(50, 9)
    expect(y).toBeCloseTo(-80, 9)
    view.all()
    expect(view.frame.value).toEqual(whole())
  })

  it('is never smaller than the whole', () => {
    const view = useView(whole)
    view.zoomBy(0.1)
    expect(view.zoom.value).toBe(1)
  })
})
