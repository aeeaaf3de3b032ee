import { render, screen } from '@testing-library/react'
import { describe, expect, it } from 'vitest'
import { aSchedule } from '../../test/schedules'
import { lifeOf } from './life'
import { ReconciliationLine } from './ReconciliationLine'

const reconciliation = {
  ...aSchedule().reconciliation,
  formulaAfterPayment: 1,
  formulaBalance: 500.0042,
  scheduleBalanceCents: 50000,
}

describe('ReconciliationLine', () => {
  it('puts the formula beside the schedule where a payment comes before the last', () => {
    render(<ReconciliationLine life={lifeOf(aSchedule({ reconciliation }))} />)
    expect(screen.getByTestId('reconciliation')).toHaveTextContent('500.00 by schedule, 500.0042 by formula')
  })

  it('has nothing to compare before the only payment', () => {
    const single = lifeOf(
      aSchedule({
        dates: ['2027-03-01'],
        paymentCents: [0, 100500],
        interestCents: [0, 500],
        principalCents: [0, 100000],
        extraCents: [0, 0],
        insuranceCents: [0, 0],
        balanceCents: [100000, 0],
        reconciliation: {
          ...reconciliation,
          formulaAfterPayment: 0,
          formulaBalance: 1000,
          scheduleBalanceCents: 100000,
        },
      }),
    )
    render(<ReconciliationLine life={single} />)
    expect(screen.getByTestId('reconciliation')).toHaveTextContent('Final balance 0.00')
    expect(screen.getByTestId('reconciliation')).not.toHaveTextContent('by formula')
  })
})
