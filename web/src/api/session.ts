import { api, dataOf, reach, Refusal, tokenHeader, type Problem, type Session } from './client'

/** Who is signed in, or null. */
export async function currentSession(): Promise<Session | null> {
  const answer = await api.GET('/api/session')
  return answer.response.status === 401 ? null : dataOf(answer)
}

/** Signs in. @throws Refusal if email and password do not go together. */
export async function signIn(email: string, password: string): Promise<void> {
  const response = await reach(
    new Request('/api/session', {
      method: 'POST',
      headers: tokenHeader(),
      body: new URLSearchParams({ email, password }),
    }),
  )
  if (!response.ok) throw new Refusal(response.status, await readProblem(response))
}

export async function signOut(): Promise<void> {
  await fetch('/api/session', { method: 'DELETE', headers: tokenHeader() })
}

async function readProblem(response: Response): Promise<Problem> {
  try {
    return (await response.json()) as Problem
  } catch {
    return { title: response.statusText }
  }
}
