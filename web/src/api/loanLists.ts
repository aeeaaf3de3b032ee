import { reach, Refusal, tokenHeader, type LoanListStep, type LoanListView, type Problem } from './client'

/** A list of loans: lines of separated values, and the headings of columns that their names do not tell. */
export type LoanList = { text: string; columns: Readonly<Record<string, string>> }

type Following = { told: (step: LoanListStep) => void; signal: AbortSignal }

/** Says what a list would bring in. @throws Refusal if a column is missing, or there are too many lines */
export const readLoanList = (list: LoanList, following: Following) =>
  followed('/api/loan-lists/reading', list, following)

/** Keeps each loan of a list but those that cannot be read; none where `signal` stops it. @throws Refusal as reading does */
export const keepLoanList = (list: LoanList, following: Following) =>
  followed('/api/loan-lists', list, following)

/** What comes of a list, told step by step on the way. @throws Error in words where it was stopped or broke off */
async function followed(address: string, list: LoanList, following: Following): Promise<LoanListView> {
  try {
    return await outcomeOf(address, list, following)
  } catch (failure) {
    if (following.signal.aborted) throw new Error('Stopped. Nothing was kept.', { cause: failure })
    throw failure
  }
}

async function outcomeOf(
  address: string,
  list: LoanList,
  { told, signal }: Following,
): Promise<LoanListView> {
  const response = await reach(
    new Request(new URL(address, window.location.origin), {
      method: 'POST',
      headers: { 'Content-Type': 'application/json', ...tokenHeader() },
      body: JSON.stringify(list),
      signal,
    }),
  )
  if (!response.ok || !response.body) {
    throw new Refusal(response.status, (await response.json().catch(() => ({}))) as Problem)
  }
  const lines = response.body.pipeThrough(new TextDecoderStream()).getReader()
  const ended = { value: '', done: true }
  let rest = ''
  for (;;) {
    const { value, done } = await lines.read().catch(() => ended)
    if (done)
      throw new Error('The connection broke off: look whether the cases are there before you try again.')
    const parts = (rest + value).split('\n')
    rest = parts.pop() ?? ''
    for (const part of parts) {
      const step = JSON.parse(part) as LoanListStep
      if (step.outcome) return step.outcome
      told(step)
    }
  }
}
