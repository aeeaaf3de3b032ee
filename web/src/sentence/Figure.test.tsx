import { render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it, vi } from 'vitest'
import { useStore } from 'zustand'
import { createCaseStore } from '../casefile/caseStore'
import { baselineOf, withTerms } from '../casefile/option'
import { readPercent } from '../entry/percent'
import { EntriesContext } from '../field/EntriesContext'
import { formatPercent } from '../format/percent'
import { aDocument } from '../test/documents'
import { Figure } from './Figure'

const POINTER = '/options/first/terms/ratePercent'

const TOO_HIGH = {
  pointer: POINTER,
  parameter: null,
  code: null,
  values: [],
  given: '',
  allowed: '',
  message: 'Too high.',
}

type RateFigureProps = {
  store: ReturnType<typeof createCaseStore>
  was?: string
  ask?: (text: string) => boolean
}

function RateFigure({ store, was, ask }: RateFigureProps) {
  const document = useStore(store.store, (state) => state.document)
  const option = baselineOf(document)
  const take = (ratePercent: number) => store.changeOption(option.id, withTerms({ ratePercent }))
  return (
    <EntriesContext
      value={{
        ...store,
        claim: store.claims.claim,
        problems: option.terms.ratePercent > 30 ? [TOO_HIGH] : [],
      }}
    >
      <Figure
        label="Yearly rate"
        pointer={POINTER}
        text={formatPercent(option.terms.ratePercent)}
        was={was}
        ask={ask}
        read={readPercent}
        take={take}
        nudge={(steps) => take(option.terms.ratePercent + steps * 0.125)}
      />
    </EntriesContext>
  )
}

async function atTheFigure() {
  const store = createCaseStore({ document: aDocument(), entries: {}, selected: 'first' })
  render(<RateFigure store={store} />)
  const figure = screen.getByLabelText('Yearly rate')
  await userEvent.click(figure)
  return { store, figure, rate: () => baselineOf(store.store.getState().document).terms.ratePercent }
}

describe('Figure', () => {
  it('is typed over, and the case follows each key press', async () => {
    const { figure, rate } = await atTheFigure()
    await userEvent.keyboard('6')
    expect(rate()).toBe(6)
    await userEvent.keyboard(' 1/8')
    expect(rate()).toBe(6.125)
    await userEvent.tab()
    expect(figure).toHaveValue(formatPercent(6.125))
  })

  it('keeps what cannot be read, says why, and leaves the case alone', async () => {
    const { figure, rate } = await atTheFigure()
    await userEvent.keyboard('6x')
    await userEvent.tab()
    expect(figure).toHaveValue('6x')
    expect(figure).toHaveAccessibleDescription('Enter a rate such as 6.125 or 6 1/8.')
    expect(figure).toBeInvalid()
    expect(rate()).toBe(5.5)
  })

  it('waits with what may still become something, and asks for it when it is left', async () => {
    const { figure, rate } = await atTheFigure()
    await userEvent.keyboard('6 1/')
    expect(figure).toBeValid()
    await userEvent.tab()
    expect(figure).toHaveAccessibleDescription('Enter a rate such as 6.125 or 6 1/8.')
    expect(rate()).toBe(5.5)
  })

  it('shows what the server refuses at its field', async () => {
    const { figure } = await atTheFigure()
    await userEvent.keyboard('31')
    expect(figure).toHaveAccessibleDescription('Too high.')
  })

  it('moves by its step, and by ten with Shift', async () => {
    const { rate } = await atTheFigure()
    await userEvent.keyboard('{ArrowUp}{ArrowUp}{ArrowDown}')
    expect(rate()).toBe(5.625)
    await userEvent.keyboard('{Shift>}{ArrowUp}{/Shift}')
    expect(rate()).toBe(6.875)
  })

  it('takes back all that was typed with Escape', async () => {
    const { figure, rate } = await atTheFigure()
    await userEvent.keyboard('7.5{Escape}')
    expect(rate()).toBe(5.5)
    expect(figure).toHaveValue(formatPercent(5.5))
  })

  it('marks what differs from the baseline, and says what that was', () => {
    const store = createCaseStore({ document: aDocument(), entries: {}, selected: 'first' })
    const { rerender } = render(<RateFigure store={store} was={'5.5\u202f%'} />)
    expect(screen.getByLabelText('Yearly rate')).not.toHaveAttribute('aria-description')
    rerender(<RateFigure store={store} was={'6\u202f%'} />)
    expect(screen.getByLabelText('Yearly rate')).toHaveAttribute(
      'aria-description',
      'in the baseline 6\u202f%',
    )
  })

  it('hands over at Enter a text that asks for a value, and stays as it was', async () => {
    const store = createCaseStore({ document: aDocument(), entries: {}, selected: 'first' })
    const ask = vi.fn(() => true)
    render(<RateFigure store={store} ask={ask} />)
    await userEvent.clear(screen.getByLabelText('Yearly rate'))
    await userEvent.type(screen.getByLabelText('Yearly rate'), 'for 1,900 a month{Enter}')
    expect(ask).toHaveBeenCalledWith('for 1,900 a month')
    expect(screen.getByLabelText('Yearly rate')).toHaveValue('5.5\u202f%')
    expect(store.store.getState().document).toEqual(aDocument())
  })
})
