import { render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { useState } from 'react'
import { describe, expect, it } from 'vitest'
import { readAmount } from '../entry/amount'
import { Figure } from '../sentence/Figure'
import { ListEditor } from './ListEditor'
import { OwnEntries } from './OwnEntries'

type Line = { id: string; text: string }

function Lines({ start }: { start: readonly string[] }) {
  const [lines, setLines] = useState<Line[]>(start.map((text) => ({ id: text, text })))
  return (
    <OwnEntries>
      <ListEditor
        label="Gifts"
        entries={lines}
        line={({ id, text }) => (
          <>
            <input
              aria-label={`gift ${id}`}
              value={text}
              onChange={(event) =>
                setLines(lines.map((line) => (line.id === id ? { id, text: event.target.value } : line)))
              }
            />
            <Figure
              label={`note on ${id}`}
              pointer={`/gifts/${id}/note`}
              text=""
              read={readAmount}
              take={() => undefined}
            />
          </>
        )}
        add={(after) => {
          const place = lines.findIndex(({ id }) => id === after) + 1 || lines.length
          setLines(lines.toSpliced(place, 0, { id: 'new', text: '' }))
          return 'new'
        }}
        remove={(id) => setLines(lines.filter((line) => line.id !== id))}
        move={(id, by) => {
          const from = lines.findIndex((line) => line.id === id)
          setLines(lines.toSpliced(from, 1).toSpliced(from + by, 0, ...lines.slice(from, from + 1)))
        }}
        addWords="Add a gift"
      />
    </OwnEntries>
  )
}

const ids = () => screen.queryAllByLabelText(/^gift/).map((field) => field.getAttribute('aria-label'))

describe('ListEditor', () => {
  it('adds a line below at Enter, and goes to it', async () => {
    render(<Lines start={['ann', 'bob']} />)
    await userEvent.click(screen.getByLabelText('gift ann'))
    await userEvent.keyboard('{Enter}')
    expect(ids()).toEqual(['gift ann', 'gift new', 'gift bob'])
    expect(screen.getByLabelText('gift new')).toHaveFocus()
  })

  it('removes an empty line at Delete, and goes to the one above', async () => {
    render(<Lines start={['ann', 'bob']} />)
    const bob = screen.getByLabelText('gift bob')
    await userEvent.clear(bob)
    expect(ids()).toHaveLength(2)
    await userEvent.keyboard('{Delete}')
    expect(ids()).toEqual(['gift ann'])
    expect(screen.getByLabelText('gift ann')).toHaveFocus()
  })

  it('leaves a line to a further field of it that is empty', async () => {
    render(<Lines start={['ann', 'bob']} />)
    await userEvent.click(screen.getByLabelText('note on bob'))
    await userEvent.keyboard('{Backspace}{Delete}')
    expect(screen.getByLabelText('gift bob')).toBeInTheDocument()
  })

  it('begins no line below one that cannot be read', async () => {
    render(<Lines start={['ann']} />)
    await userEvent.click(screen.getByLabelText('note on ann'))
    await userEvent.keyboard('much{Enter}{Enter}')
    expect(screen.getByRole('alert')).toBeInTheDocument()
    expect(screen.queryByLabelText('gift new')).toBeNull()
  })

  it('moves a line by Alt and an arrow, and keeps the focus on it', async () => {
    render(<Lines start={['ann', 'bob', 'cid']} />)
    await userEvent.click(screen.getByLabelText('gift cid'))
    await userEvent.keyboard('{Alt>}{ArrowUp}{/Alt}')
    expect(ids()).toEqual(['gift ann', 'gift cid', 'gift bob'])
    expect(screen.getByLabelText('gift cid')).toHaveFocus()
    await userEvent.keyboard('{Alt>}{ArrowUp}{ArrowUp}{/Alt}')
    expect(ids()).toEqual(['gift cid', 'gift ann', 'gift bob'])
  })

  it('begins with its first line', async () => {
    render(<Lines start={[]} />)
    await userEvent.click(screen.getByRole('button', { name: 'Add a gift' }))
    expect(screen.getByLabelText('gift new')).toHaveFocus()
    await userEvent.click(screen.getByRole('button', { name: 'Delete gifts, line 1' }))
    expect(ids()).toEqual([])
  })
})
