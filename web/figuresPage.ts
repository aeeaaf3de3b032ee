import { readFile } from 'node:fs/promises'
import { fileURLToPath } from 'node:url'
import { Marked } from 'marked'
import type { Plugin } from 'vite'

const SOURCE = fileURLToPath(new URL('../docs/figures.md', import.meta.url))

/** A heading's place in the page: its words in lower case, joined by hyphens. */
const placeOf = (heading: string) =>
  heading
    .toLowerCase()
    .replace(/[^a-z0-9 -]/g, '')
    .trim()
    .replace(/ +/g, '-')

const marked = new Marked({
  renderer: {
    heading({ depth, tokens, text }) {
      return `<h${depth} id="${placeOf(text)}">${this.parser.parseInline(tokens)}</h${depth}>\n`
    },
  },
})

async function page(): Promise<string> {
  const body = await marked.parse(await readFile(SOURCE, 'utf8'))
  return `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<link rel="icon" type="image/svg+xml" href="/assets/icon.svg">
<title>How the figures come about · Impendium</title>
<style>
  :root { color-scheme: light dark }
  body { max-width: 44rem; margin: 3rem auto; padding: 0 1.25rem; color: light-dark(#23282c, #ece7dc);
    background: light-dark(#fbf8f1, #181b1c); font: 1.0625rem/1.6 Georgia, serif }
  h1, h2 { line-height: 1.25; font-weight: 500 }
  h2 { margin-top: 2.5rem; padding-top: .75rem; border-top: 1px solid light-dark(#dcd4c3, #3a3d3b) }
  em { color: light-dark(#625e55, #aba596) }
</style>
</head>
<body>
<main>
${body}</main>
</body>
</html>
`
}

/** Ships docs/figures.md as a page of its own, to which every working leads. */
export const figuresPage = (): Plugin => ({
  name: 'figures-page',
  async generateBundle() {
    this.emitFile({ type: 'asset', fileName: 'figures.html', source: await page() })
  },
  configureServer(server) {
    server.middlewares.use('/figures.html', (_request, response) => {
      void page().then((html) => response.setHeader('Content-Type', 'text/html; charset=utf-8').end(html))
    })
  },
})
