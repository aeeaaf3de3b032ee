/** What is stored of a logo at the most, as a data address. */
const MOST_CHARACTERS = 290_000
const KEPT_TYPES = ['image/png', 'image/jpeg']
/** On paper it is at most 50 mm wide: more shows nowhere. */
const WIDTHS_PX = [1000, 600, 300] as const

/**
 * A picture of any size as a logo: as it is where it is small enough, else scaled down.
 *
 * @throws Error in words if the file is no picture
 */
export async function logoOf(file: Blob): Promise<string> {
  const picture = await createImageBitmap(file).catch(() => null)
  if (!picture) throw new Error('This file is not a picture that can be read. Choose a PNG or JPEG.')
  if (KEPT_TYPES.includes(file.type) && picture.width <= WIDTHS_PX[0] && picture.height <= WIDTHS_PX[0]) {
    const whole = await dataAddress(file)
    if (whole.length <= MOST_CHARACTERS) return whole
  }
  const scaled = WIDTHS_PX.map((px) => drawn(picture, px)).find(({ length }) => length <= MOST_CHARACTERS)
  if (scaled === undefined) throw new Error('This picture is too detailed for a logo. Choose a simpler one.')
  return scaled
}

function drawn(picture: ImageBitmap, mostPx: number): string {
  const scale = Math.min(1, mostPx / Math.max(picture.width, picture.height))
  const canvas = document.createElement('canvas')
  canvas.width = Math.max(1, Math.round(picture.width * scale))
  canvas.height = Math.max(1, Math.round(picture.height * scale))
  canvas.getContext('2d')?.drawImage(picture, 0, 0, canvas.width, canvas.height)
  return canvas.toDataURL('image/png')
}

const dataAddress = (file: Blob) =>
  new Promise<string>((resolve, reject) => {
    const reader = new FileReader()
    reader.onload = () => resolve(typeof reader.result === 'string' ? reader.result : '')
    reader.onerror = () => reject(new Error('The file cannot be read.'))
    reader.readAsDataURL(file)
  })
