import type { AddOnDocument } from '../../api/client'
import { formatPercent } from '../../format/percent'
import { pricedWords } from '../../practice/rates/tables'
import { useOpenCase } from '../CaseContext'

/** Which add-ons of a table the points of its rates include. */
export function CountedAddOns({ addOns }: { addOns: readonly AddOnDocument[] }) {
  const { score } = useOpenCase().document.household
  return (
    <div className="text-soft mt-3 text-[0.8125rem]">
      {addOns.length === 0 ? (
        <p>No add-on counts for this loan.</p>
      ) : (
        <>
          <p>
            {score === null
              ? 'Without a score, the most that add-ons may come to is counted:'
              : 'These add-ons are counted:'}
          </p>
          <ul aria-label="Add-ons counted">
            {addOns.map((addOn) => (
              <li key={addOn.id}>{addOnWords(addOn)}</li>
            ))}
          </ul>
        </>
      )}
    </div>
  )
}

const HIGHEST_SCORE = 999

const addOnWords = (addOn: AddOnDocument) => {
  const { aboveLoanToValuePercent: above, upToLoanToValuePercent: upTo, leastScore, mostScore } = addOn
  const isAny = leastScore === 0 && mostScore === HIGHEST_SCORE
  return `${pricedWords(addOn.pointsPercent)} above ${formatPercent(above)} and up to ${formatPercent(upTo)}${isAny ? '' : `, score ${leastScore} to ${mostScore}`}`
}
