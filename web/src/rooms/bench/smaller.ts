/** As large as a picture is looked at, longest side, pixels. */
const LONGEST = 1600

/** A picture as it is looked at: upright as it was held, and no larger. What cannot be drawn here is sent as it is, for the server to say so. */
export async function smaller(file: File): Promise<Blob> {
  try {
    const drawn = await createImageBitmap(file, { imageOrientation: 'from-image' })
    const scale = Math.min(1, LONGEST / Math.max(drawn.width, drawn.height))
    const canvas = document.createElement('canvas')
    canvas.width = Math.max(1, Math.round(scale * drawn.width))
    canvas.height = Math.max(1, Math.round(scale * drawn.height))
    canvas.getContext('2d')!.drawImage(drawn, 0, 0, canvas.width, canvas.height)
    return (await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', 0.9))) ?? file
  } catch {
    return file
  }
}
