import type { Schemas } from '@/api/client'

const known = new Map<string, string>()
const MOST = 200
const OPAQUE = 255

/** Colours in cells as the address of a picture; the same colours are drawn once. */
export function tintPicture({ columns, rows, rgb }: Pick<Schemas['ColourGrid'], 'columns' | 'rows' | 'rgb'>): string {
  return drawnOnce(columns, rows, rgb, 3)
}

/** Something seen from the side as the address of a picture, clear where there is nothing of it. */
export function sidePicture({ columns, rows, rgba }: Pick<Schemas['Picture'], 'columns' | 'rows' | 'rgba'>): string {
  return drawnOnce(columns, rows, rgba, 4)
}

function drawnOnce(columns: number, rows: number, cells: string, codes: 3 | 4): string {
  const key = `${columns} ${codes} ${cells}`
  const drawn = known.get(key) ?? draw(columns, rows, cells, codes)
  known.delete(key)
  known.set(key, drawn)
  if (known.size > MOST) known.delete(known.keys().next().value!)
  return drawn
}

function draw(columns: number, rows: number, cells: string, each: 3 | 4): string {
  const codes = atob(cells)
  const canvas = document.createElement('canvas')
  canvas.width = columns
  canvas.height = rows
  const context = canvas.getContext('2d')!
  const picture = context.createImageData(columns, rows)
  for (let i = 0; i < columns * rows; i++) {
    for (let k = 0; k < 4; k++) picture.data[4 * i + k] = k < each ? codes.charCodeAt(each * i + k) : OPAQUE
  }
  context.putImageData(picture, 0, 0)
  return canvas.toDataURL()
}
