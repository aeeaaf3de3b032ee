import { formatAmount } from '../../format/amount'
import { Explained } from '../../working/Explained'
import type { Life } from './life'

/** What shows that the schedule is right: it ends at nothing, it repays what was borrowed, the formula agrees. */
export function ProofLine({ life }: { life: Life }) {
  const { proof } = life.schedule
  const reconciles = proof.principalCents === proof.borrowedCents
  return (
    <p className="text-soft mt-2 flex flex-wrap gap-x-5 gap-y-1 text-[0.8125rem]" data-testid="proof">
      <span>
        <Sign holds={proof.closingBalanceCents === 0} /> ends at exactly{' '}
        <Explained figure="LINE_BALANCE" subject={{ of: 'line', line: life.payments }}>
          {formatAmount(proof.closingBalanceCents)}
        </Explained>
      </span>
      <span>
        <Sign holds={reconciles} /> principal{' '}
        <Explained figure="STRETCH_REPAID" subject={{ of: 'stretch', first: 1, last: life.payments }}>
          {formatAmount(proof.principalCents)}
        </Explained>{' '}
        {reconciles ? '=' : '≠'} borrowed{' '}
        <Explained figure="LOAN_AMOUNT">{formatAmount(proof.borrowedCents)}</Explained>
      </span>
      {life.payments > 1 && proof.formulaBalance !== null && proof.scheduleBalanceCents !== null && (
        <span>
          before the last payment{' '}
          <Explained figure="LINE_BALANCE" subject={{ of: 'line', line: life.payments - 1 }}>
            {formatAmount(proof.scheduleBalanceCents)}
          </Explained>{' '}
          by schedule,{' '}
          <Explained figure="LINE_BALANCE" subject={{ of: 'line', line: life.payments - 1 }}>
            {proof.formulaBalance.toLocaleString('en-US', { minimumFractionDigits: 4 })}
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
