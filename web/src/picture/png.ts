/** Sharp on screens of twice the usual density, and in print. */
const SCALE = 2

/** A picture as pixels. */
export async function pngOf(svg: string): Promise<Blob> {
  const image = new Image()
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(svg)}`
  await image.decode()
  const canvas = document.createElement('canvas')
  canvas.width = image.width * SCALE
  canvas.height = image.height * SCALE
  const context = canvas.getContext('2d')
  if (!context) throw new Error('a canvas of this browser has no two-dimensional context')
  context.scale(SCALE, SCALE)
  context.drawImage(image, 0, 0)
  return new Promise((resolve, reject) => {
    canvas.toBlob((blob) => {
      if (blob) resolve(blob)
      else reject(new Error('the picture is too large for this browser'))
    }, 'image/png')
  })
}
