import { readAmount } from '../../entry/amount'
import { formatEntry } from '../../format/amount'
import { Choice } from '../../sentence/Choice'
import { Figure } from '../../sentence/Figure'
import { useOpenCase } from '../CaseContext'
import { notNegative } from '../clauses/steps'
import { estimateWords } from '../estimate/estimateWords'
import { withLetting, withRent } from './letting'
import { BASES } from './lettingWords'

const RENT_STEP_CENTS = 25_00

/** How the home is let and for how much, within a sentence: let long-term for 1,975 a month. */
export function LetFor({ after = '' }: { after?: string }) {
  const { store, document } = useOpenCase()
  const { letting } = document
  const rent = letting?.rentCents ?? null
  return (
    <>
      <Choice
        label="How it is let"
        value={letting?.basis ?? 'LONG'}
        words={BASES}
        choose={(basis) => {
          store.changeDocument(withLetting(document, { basis }))
          store.settle()
        }}
      />{' '}
      for{' '}
      <Figure
        label="Rent a month"
        pointer="/letting/rentCents"
        text={rent === null ? 'no rent yet' : formatEntry(rent)}
        read={readAmount}
        inputMode="decimal"
        take={(rentCents) => store.changeDocument(withRent(document, rentCents))}
        clear={() => store.changeDocument(withRent(document, null))}
        nudge={(steps) =>
          store.changeDocument(withRent(document, notNegative((rent ?? 0) + steps * RENT_STEP_CENTS)))
        }
      />{' '}
      {letting?.rentEstimate && (
        <span className="text-soft font-words text-[0.8125rem]">
          ({estimateWords(letting.rentEstimate)}){' '}
        </span>
      )}
      a month{after}
    </>
  )
}
