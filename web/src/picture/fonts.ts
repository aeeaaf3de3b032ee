import figuresExtended from '@fontsource-variable/newsreader/files/newsreader-latin-ext-standard-normal.woff2?url'
import figures from '@fontsource-variable/newsreader/files/newsreader-latin-standard-normal.woff2?url'
import wordsExtended from '@fontsource-variable/public-sans/files/public-sans-latin-ext-wght-normal.woff2?url'
import words from '@fontsource-variable/public-sans/files/public-sans-latin-wght-normal.woff2?url'

type Font = { family: string; file: string; range: string }

const LATIN = 'U+0000-024F,U+2000-22FF'
const BEYOND = 'U+0100-024F,U+1E00-1EFF'
const FONTS: readonly Font[] = [
  { family: 'Newsreader Variable', file: figures, range: LATIN },
  { family: 'Public Sans Variable', file: words, range: LATIN },
]
const EXTENDED: readonly Font[] = [
  { family: 'Newsreader Variable', file: figuresExtended, range: BEYOND },
  { family: 'Public Sans Variable', file: wordsExtended, range: BEYOND },
]

/** The rules with the fonts that a picture's words are set in, so that they travel with it. */
export async function fontFaces(drawn: string): Promise<string> {
  const isExtended = /[\u0100-\u024f\u1e00-\u1eff]/.test(drawn)
  const faces = await Promise.all((isExtended ? [...FONTS, ...EXTENDED] : FONTS).map(faceOf))
  return faces.join('')
}

const loaded = new Map<string, Promise<string>>()

async function faceOf({ family, file, range }: Font): Promise<string> {
  const address = loaded.get(file) ?? dataAddressOf(file)
  loaded.set(file, address)
  // Without them, a picture is set in what its reader has.
  const source = await address.catch(() => null)
  if (source === null) {
    loaded.delete(file)
    return ''
  }
  return (
    `@font-face{font-family:'${family}';font-weight:200 900;` +
    `src:url(${source}) format('woff2');unicode-range:${range}}`
  )
}

async function dataAddressOf(file: string): Promise<string> {
  const answer = await fetch(file)
  if (!answer.ok) throw new Error(`The font ${file} was not found.`)
  const contents = await answer.blob()
  return new Promise((resolve, reject) => {
    const reader = new FileReader()
    reader.onload = () => resolve(reader.result as string)
    reader.onerror = () => reject(new Error(`The font ${file} cannot be read.`))
    reader.readAsDataURL(contents)
  })
}
