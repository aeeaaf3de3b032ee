import type { AddOnDocument } from '../../api/client'
import { insertAfter, movedBy } from '../../field/lists'
import { readPercent } from '../../entry/percent'
import { readPoints } from '../../entry/points'
import { read, unread, type Reading } from '../../entry/reading'
import { ListEditor } from '../../field/ListEditor'
import { formatPercent } from '../../format/percent'
import { Figure } from '../../sentence/Figure'
import { nextAddOn } from './tables'

const HIGHEST_SCORE = 999

type AddOnListProps = { addOns: readonly AddOnDocument[]; change: (addOns: AddOnDocument[]) => void }

/** What is added to every rate's points, line by line. */
export function AddOnList({ addOns, change }: AddOnListProps) {
  const set = (id: string, fields: Partial<AddOnDocument>) =>
    change(addOns.map((each) => (each.id === id ? { ...each, ...fields } : each)))
  return (
    <ListEditor
      label="Add-ons"
      entries={addOns}
      line={(addOn) => <AddOnFigures addOn={addOn} set={(fields) => set(addOn.id, fields)} />}
      add={(after) => {
        const added = nextAddOn(addOns.find(({ id }) => id === after) ?? addOns.at(-1))
        change(insertAfter(addOns, added, after))
        return added.id
      }}
      remove={(id) => change(addOns.filter((each) => each.id !== id))}
      move={(id, by) => change(movedBy(addOns, id, by))}
      addWords="Add an add-on"
    />
  )
}

function AddOnFigures({
  addOn,
  set,
}: {
  addOn: AddOnDocument
  set: (fields: Partial<AddOnDocument>) => void
}) {
  const at = `/addOns/${addOn.id}`
  return (
    <span className="rate-line">
      above{' '}
      <Figure
        label="Above this loan-to-value"
        pointer={`${at}/aboveLoanToValuePercent`}
        text={formatPercent(addOn.aboveLoanToValuePercent)}
        read={readPercent}
        inputMode="decimal"
        take={(percent) => set({ aboveLoanToValuePercent: percent })}
      />{' '}
      to{' '}
      <Figure
        label="Up to this loan-to-value"
        pointer={`${at}/upToLoanToValuePercent`}
        text={formatPercent(addOn.upToLoanToValuePercent)}
        read={readPercent}
        inputMode="decimal"
        take={(percent) => set({ upToLoanToValuePercent: percent })}
        after=","
      />{' '}
      score{' '}
      <Figure
        label="From this score"
        pointer={`${at}/leastScore`}
        text={String(addOn.leastScore)}
        read={readScore}
        inputMode="numeric"
        take={(score) => set({ leastScore: score })}
      />{' '}
      to{' '}
      <Figure
        label="Up to this score"
        pointer={`${at}/mostScore`}
        text={String(addOn.mostScore)}
        read={readScore}
        inputMode="numeric"
        take={(score) => set({ mostScore: score })}
        after=":"
      />{' '}
      <Figure
        label="Points added"
        pointer={`${at}/pointsPercent`}
        text={String(addOn.pointsPercent).replace('-', '−')}
        read={readPoints}
        take={(percent) => set({ pointsPercent: percent })}
      />{' '}
      {addOn.pointsPercent === 1 ? 'point' : 'points'}
    </span>
  )
}

/** A credit score as typed, from 0 to 999. */
export function readScore(text: string): Reading<number> {
  const score = /^\s*\d{1,3}\s*$/.test(text) ? Number(text) : null
  return score === null ? unread(`Enter a score from 0 to ${HIGHEST_SCORE}.`) : read(score)
}
