import { QueryClient, QueryClientProvider, queryOptions } from '@tanstack/react-query'
import { act, render, screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it, vi } from 'vitest'
import { Refusal, type CaseDocument } from '../api/client'
import { aDocument } from '../test/documents'
import { AnswerButton } from './AnswerButton'
import { AnswerScope, AnswerStatus } from './AnswerScope'
import { ShownContext } from './current'
import { useAnswer } from './useAnswer'

type Settle = { answer: (words: string) => Promise<void>; refuse: (status: number) => Promise<void> }

/** A server whose answers are given by hand, by the title of the case that is asked about. */
function server() {
  const waiting = new Map<string, { resolve: (words: string) => void; reject: (error: Error) => void }>()
  const query = ({ title }: CaseDocument) =>
    queryOptions({
      queryKey: ['question', title],
      queryFn: () => new Promise<string>((resolve, reject) => waiting.set(title, { resolve, reject })),
      retry: false,
    })
  const settle = (title: string): Settle => ({
    answer: (words) => act(async () => Promise.resolve(waiting.get(title)?.resolve(words))),
    refuse: (status) =>
      act(async () =>
        Promise.resolve(waiting.get(title)?.reject(new Refusal(status, { title: 'No figures.' }))),
      ),
  })
  return { query, settle }
}

const apply = vi.fn()

function Asked({ query, document }: Pick<ReturnType<typeof server>, 'query'> & { document: CaseDocument }) {
  const answer = useAnswer(query(document), document)
  return (
    <>
      <AnswerStatus of={answer} />
      <AnswerScope of={answer}>
        <p data-testid="answer">{answer.value}</p>
        <AnswerButton onClick={apply}>Apply</AnswerButton>
      </AnswerScope>
    </>
  )
}

function opened() {
  const { query, settle } = server()
  const queries = new QueryClient()
  const view = (title: string, option: string) => {
    const document = aDocument({ title })
    return (
      <QueryClientProvider client={queries}>
        <ShownContext value={{ document, option, staleness: null }}>
          <Asked query={query} document={document} />
        </ShownContext>
      </QueryClientProvider>
    )
  }
  const { rerender } = render(view('one', 'a'))
  return { settle, show: (title: string, option = 'a') => rerender(view(title, option)) }
}

const answerText = () => screen.getByTestId('answer').textContent
const press = async () => {
  apply.mockClear()
  await userEvent.click(screen.getByRole('button', { name: 'Apply' }))
  return apply.mock.calls.length
}

describe('an answer about the open case', () => {
  it('stays while the next is on its way, marked, and cannot be applied until its own has come', async () => {
    const { settle, show } = opened()
    await settle('one').answer('first')
    await waitFor(() => expect(answerText()).toBe('first'))
    expect(await press()).toBe(1)

    show('two')
    expect(answerText()).toBe('first')
    expect(await press()).toBe(0)
    expect(await screen.findByText('Calculating…')).toBeInTheDocument()

    await settle('two').answer('second')
    await waitFor(() => expect(answerText()).toBe('second'))
    expect(await press()).toBe(1)
  })

  it('says why there is none, and keeps the last of the same option', async () => {
    const { settle, show } = opened()
    await settle('one').answer('first')
    await waitFor(() => expect(answerText()).toBe('first'))
    show('two')
    await settle('two').refuse(422)
    expect(await screen.findByText('No figures. Showing the last results.')).toBeInTheDocument()
    expect(answerText()).toBe('first')
    expect(await press()).toBe(0)
    expect(screen.queryByRole('button', { name: 'Try again' })).toBeNull()
  })

  it('never stands in for another option that has none', async () => {
    const { settle, show } = opened()
    await settle('one').answer('first')
    await waitFor(() => expect(answerText()).toBe('first'))
    show('two', 'b')
    await settle('two').refuse(422)
    expect(await screen.findByText('No figures.')).toBeInTheDocument()
    expect(answerText()).toBe('')
  })

  it('offers to ask again where nobody could answer', async () => {
    const { settle } = opened()
    await settle('one').refuse(503)
    await userEvent.click(await screen.findByRole('button', { name: 'Try again' }))
    await settle('one').answer('at last')
    await waitFor(() => expect(answerText()).toBe('at last'))
  })
})
