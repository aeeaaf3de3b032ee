import { beforeEach, describe, expect, it } from 'vitest'
import { WHOLE_OPTION } from '../api/workings'
import { usePanel, type PanelView } from './panelStore'

const target: PanelView = { kind: 'target', text: '2,400 a month' }
const payment: PanelView = { kind: 'working', figure: 'PAYMENT', subject: WHOLE_OPTION }
const rate: PanelView = { kind: 'working', figure: 'PERIODIC_RATE', subject: WHOLE_OPTION }
const panel = () => usePanel.getState()

beforeEach(() => panel().close())

describe('the panel beside a case', () => {
  it('shows one thing at a time: what is opened from the page takes the place of all there was', () => {
    panel().open(target)
    panel().open(payment)
    expect(panel().trail).toEqual([payment])
  })

  it('leads back by the way it came', () => {
    panel().open(payment)
    panel().follow(rate)
    panel().back()
    expect(panel().trail).toEqual([payment])
  })

  it('is dismissed to what it showed before of another kind, then closed', () => {
    panel().open(target)
    panel().follow(payment)
    panel().follow(rate)
    panel().dismiss()
    expect(panel().trail).toEqual([target])
    panel().dismiss()
    expect(panel().trail).toEqual([])
  })

  it('changes what is typed in place', () => {
    panel().open(target)
    panel().replace({ kind: 'target', text: '2' })
    expect(panel().trail).toEqual([{ kind: 'target', text: '2' }])
  })
})
