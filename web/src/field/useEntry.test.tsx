import { render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { useState } from 'react'
import { describe, expect, it } from 'vitest'
import { readPercent } from '../entry/percent'
import { Field } from './Field'
import { EntriesContext } from './EntriesContext'
import { hasUnreadable, useDraft, type Draft } from './useDraft'

type Rate = { percent: number | null }

function RateForm({
  isOpen,
  onDraft,
}: {
  isOpen: boolean
  onDraft: (draft: Draft<Rate>, value: Rate) => void
}) {
  const [rate, setRate] = useState<Rate>({ percent: 5 })
  const draft = useDraft(rate, setRate)
  onDraft(draft, rate)
  return (
    <EntriesContext value={draft}>
      {isOpen && (
        <Field
          label="Rate"
          hint=""
          pointer="/percent"
          text={String(rate.percent ?? '')}
          read={readPercent}
          take={(percent) => draft.change({ percent })}
          clear={() => draft.change({ percent: null })}
        />
      )}
    </EntriesContext>
  )
}

async function typeAndLeave(text: string) {
  const shown: { draft?: Draft<Rate>; value?: Rate } = {}
  const onDraft = (draft: Draft<Rate>, value: Rate) => Object.assign(shown, { draft, value })
  const { rerender } = render(<RateForm isOpen onDraft={onDraft} />)
  await userEvent.clear(screen.getByLabelText('Rate'))
  if (text !== '') await userEvent.keyboard(text)
  rerender(<RateForm isOpen={false} onDraft={onDraft} />)
  const { draft, value } = shown
  if (!draft || !value) throw new Error('the form was rendered')
  return { entries: draft.store.getState().entries, value, hasUnreadable: hasUnreadable(draft) }
}

describe('a field that goes away while somebody types', () => {
  it('keeps what was read, and is typed into no more', async () => {
    expect(await typeAndLeave('6.25')).toEqual({
      entries: {},
      value: { percent: 6.25 },
      hasUnreadable: false,
    })
  })

  it('is nothing where its text was emptied', async () => {
    expect(await typeAndLeave('')).toEqual({ entries: {}, value: { percent: null }, hasUnreadable: false })
  })

  it('asks about what is incomplete, and goes back to what stood there', async () => {
    const left = await typeAndLeave('6 1/')
    expect(left).toMatchObject({ value: { percent: 5 }, hasUnreadable: true })
    expect(left.entries['/percent']?.text).toBe('6 1/')
  })
})

describe('a field that is pressed', () => {
  it('is typed over, also where it had the focus; a press after typing places the caret', async () => {
    render(<RateForm isOpen onDraft={() => undefined} />)
    const field = screen.getByLabelText<HTMLInputElement>('Rate')
    field.focus()
    field.setSelectionRange(1, 1)
    await userEvent.click(field)
    await userEvent.keyboard('6.25')
    expect(field).toHaveValue('6.25')
    await userEvent.pointer({ target: field, offset: 1, keys: '[MouseLeft]' })
    await userEvent.keyboard('0')
    expect(field).toHaveValue('60.25')
  })
})
