import { formatAmount } from '../../format/amount'
import { Explained } from '../../working/Explained'
import type { Life } from './life'

/** What shows that the schedule is right: it ends at nothing, it repays what was borrowed, the formula agrees. */
export function ReconciliationLine({ life }: { life: Life }) {
  const { reconciliation } = life.schedule
  const reconciles = reconciliation.principalCents === reconciliation.borrowedCents
  return (
    <p
      className="text-soft mt-2 flex flex-wrap gap-x-5 gap-y-1 text-[0.8125rem]"
      data-testid="reconciliation"
    >
      <span>
        <Sign holds={reconciliation.closingBalanceCents === 0} /> Final balance{' '}
        <Explained figure="LINE_BALANCE" subject={{ of: 'line', line: life.payments }}>
          {formatAmount(reconciliation.closingBalanceCents)}
        </Explained>
      </span>
      <span>
        <Sign holds={reconciles} /> Principal{' '}
        <Explained figure="RANGE_PRINCIPAL_PAID" subject={{ of: 'range', first: 1, last: life.payments }}>
          {formatAmount(reconciliation.principalCents)}
        </Explained>{' '}
        {reconciles ? '=' : '≠'} borrowed{' '}
        <Explained figure="LOAN_AMOUNT">{formatAmount(reconciliation.borrowedCents)}</Explained>
      </span>
      {life.payments > 1 &&
        reconciliation.formulaBalance !== null &&
        reconciliation.scheduleBalanceCents !== null && (
          <span>
            Before the last payment{' '}
            <Explained figure="LINE_BALANCE" subject={{ of: 'line', line: life.payments - 1 }}>
              {formatAmount(reconciliation.scheduleBalanceCents)}
            </Explained>{' '}
            by schedule,{' '}
            <Explained figure="LINE_BALANCE" subject={{ of: 'line', line: life.payments - 1 }}>
              {reconciliation.formulaBalance.toLocaleString('en-US', { minimumFractionDigits: 4 })}
            </Explained>{' '}
            by formula: each line is rounded to the cent
          </span>
        )}
    </p>
  )
}

function Sign({ holds }: { holds: boolean }) {
  return <span className={holds ? 'text-met font-bold' : 'text-over font-bold'}>{holds ? '✓' : '✗'}</span>
}
