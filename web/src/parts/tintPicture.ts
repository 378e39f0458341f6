import type { Schemas } from '@/api/client'

const known = new Map<string, string>()
const MOST = 200

/** Colours in cells as the address of a picture; the same colours are drawn once. */
export function tintPicture({ columns, rows, rgb }: Pick<Schemas['ColourGrid'], 'columns' | 'rows' | 'rgb'>): string {
  const key = `${columns} ${rgb}`
  const drawn = known.get(key) ?? draw(columns, rows, rgb)
  known.delete(key)
  known.set(key, drawn)
  if (known.size > MOST) known.delete(known.keys().next().value!)
  return drawn
}

function draw(columns: number, rows: number, rgb: string): string {
  const codes = atob(rgb)
  const canvas = document.createElement('canvas')
  canvas.width = columns
  canvas.height = rows
  const context = canvas.getContext('2d')!
  const picture = context.createImageData(columns, rows)
  for (let i = 0; i < columns * rows; i++) {
    for (let k = 0; k < 3; k++) picture.data[4 * i + k] = codes.charCodeAt(3 * i + k)
    picture.data[4 * i + 3] = 255
  }
  context.putImageData(picture, 0, 0)
  return canvas.toDataURL()
}
