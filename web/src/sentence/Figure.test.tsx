import { render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import { useStore } from 'zustand'
import type { OptionView } from '../api/client'
import { CaseContext } from '../casefile/CaseContext'
import { createCaseStore } from '../casefile/caseStore'
import { baselineOf, withFields } from '../casefile/option'
import { readPercent } from '../entry/percent'
import { formatPercent } from '../format/percent'
import { aDocument } from '../test/documents'
import { Figure } from './Figure'

const POINTER = '/options/0/ratePercent'

function RateFigure({ store }: { store: ReturnType<typeof createCaseStore> }) {
  const document = useStore(store.store, (state) => state.document)
  const option = baselineOf(document)
  const take = (ratePercent: number) => store.changeBaseline(withFields({ ratePercent }))
  return (
    <CaseContext
      value={{
        store,
        option,
        figures: {} as OptionView,
        staleness: null,
        problems:
          option.ratePercent > 30 ? [{ pointer: POINTER, given: '', allowed: '', message: 'Too high.' }] : [],
        locale: 'en-US',
        currency: 'USD',
      }}
    >
      <Figure
        label="Yearly rate"
        pointer={POINTER}
        text={formatPercent(option.ratePercent)}
        read={readPercent}
        take={take}
        nudge={(steps) => take(option.ratePercent + steps * 0.125)}
      />
    </CaseContext>
  )
}

async function atTheFigure() {
  const store = createCaseStore({ document: aDocument(), entries: {} })
  render(<RateFigure store={store} />)
  const figure = screen.getByLabelText('Yearly rate')
  await userEvent.click(figure)
  return { store, figure, rate: () => baselineOf(store.store.getState().document).ratePercent }
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
})
