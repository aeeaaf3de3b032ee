import { dataOf, Refusal, tokenHeader, type Problem, type ReadCaseView } from './client'

/** A file with the name that the server gave it. */
export type NamedFile = { name: string; contents: Blob }

/** The file that an answer is. @throws Refusal if the server refused */
export async function fileOf(response: Response): Promise<NamedFile> {
  if (!response.ok) {
    const problem: unknown = await response.json().catch(() => ({}))
    throw new Refusal(response.status, problem as Problem)
  }
  return {
    name: fileName(response.headers.get('Content-Disposition') ?? ''),
    contents: await response.blob(),
  }
}

/** The name that a file is sent with: the one that can hold any letter. */
export function fileName(disposition: string): string {
  const encoded = /filename\*=UTF-8''([^;]+)/.exec(disposition)?.[1]
  return encoded ? decodeURIComponent(encoded) : 'Impendium'
}

/** Which case is open, so that the practice's log can tell of what a file was made. */
function openCaseHeader(): Record<string, string> {
  const id = /^\/cases\/([0-9a-f-]{36})/.exec(window.location.pathname)?.[1]
  return id ? { 'Impendium-Case': id } : {}
}

/** Asks for a file that is made of something, keeping nothing of it. @throws Refusal if the server refused */
export const postForFile = async (address: string, body: unknown, signal?: AbortSignal): Promise<NamedFile> =>
  fileOf(
    await fetch(address, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json', ...tokenHeader(), ...openCaseHeader() },
      body: JSON.stringify(body),
      ...(signal ? { signal } : {}),
    }),
  )

/** Reads a case from a file as it was handed on. @throws Refusal with everything that is wrong, by its place */
export async function readCase(text: string): Promise<ReadCaseView> {
  const response = await fetch('/api/open-data/case/reading', {
    method: 'POST',
    headers: { 'Content-Type': 'application/json', ...tokenHeader() },
    body: text,
  })
  const answer: unknown = await response.json()
  return dataOf<ReadCaseView>(
    response.ok ? { data: answer as ReadCaseView, response } : { error: answer as Problem, response },
  )
}
