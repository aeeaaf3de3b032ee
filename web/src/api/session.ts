import { api, dataOf, reach, Refusal, tokenHeader, type Problem, type Session } from './client'

/** Who is signed in, or null. */
export async function currentSession(): Promise<Session | null> {
  const answer = await api.GET('/api/session')
  return answer.response.status === 401 ? null : dataOf(answer)
}

/**
 * Signs in.
 *
 * @param code of the person's app; null where none was asked for so far
 * @throws Refusal with 401 if email and password do not go together; with 403 if a code is missing or wrong
 */
export async function signIn(email: string, password: string, code: string | null = null): Promise<void> {
  const response = await reach(
    new Request('/api/session', {
      method: 'POST',
      headers: tokenHeader(),
      body: new URLSearchParams({ email, password, ...(code === null ? {} : { code }) }),
    }),
  )
  if (!response.ok) throw new Refusal(response.status, await readProblem(response))
}

const SIGNED_OUT = 401

/** Ends the session; one that has ended is no matter. @throws Refusal if the server refused; Error if it was not reached. */
export async function signOut(): Promise<void> {
  const response = await reach(
    new Request(new URL('/api/session', window.location.href), { method: 'DELETE', headers: tokenHeader() }),
  )
  if (!response.ok && response.status !== SIGNED_OUT) {
    throw new Refusal(response.status, await readProblem(response))
  }
}

async function readProblem(response: Response): Promise<Problem> {
  try {
    return (await response.json()) as Problem
  } catch {
    return { title: response.statusText }
  }
}
