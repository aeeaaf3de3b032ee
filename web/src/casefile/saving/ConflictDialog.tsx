import { AlertDialog } from 'radix-ui'
import { useState } from 'react'
import type { CaseDocument, CaseView } from '../../api/client'
import { formatMoment } from '../../format/moment'
import { localeOfCase } from '../../format/market'
import { TextButton } from '../../ui/TextButton'
import { conflictClauses } from './conflictClauses'
import { mergeBy, type Side } from './merge'
import '../../ui/dialog.css'
import './conflict.css'
import { useKeptNames } from '../history/useKeptNames'

type ConflictDialogProps = {
  base: CaseDocument
  mine: CaseDocument
  theirs: CaseView
  goOn: (document: CaseDocument) => void
}

const SIDES = ['theirs', 'mine'] as const

/** Two states of one case that changed the same places: asks which of either goes on. What only one changed is kept. */
export function ConflictDialog({ base, mine, theirs, goOn }: ConflictDialogProps) {
  const [chosen, setChosen] = useState<ReadonlyMap<string, Side>>(new Map())
  const { savedBy, savedByYou, savedAt } = theirs
  const whose = { theirs: savedByYou ? 'The other tab’s' : `${savedBy}’s`, mine: 'Yours' }
  const names = useKeptNames()
  const clauses = conflictClauses(base, mine, theirs.document, localeOfCase(mine), names)
  const sideOf = (place: string) => chosen.get(place) ?? 'mine'
  const takeAll = (side: Side) => setChosen(new Map(clauses.map(({ place }) => [place, side])))
  return (
    <AlertDialog.Root open>
      <AlertDialog.Portal>
        <AlertDialog.Overlay className="veil" />
        <AlertDialog.Content className="dialog">
          <AlertDialog.Title className="font-figures text-xl font-medium">
            {savedByYou ? 'You' : savedBy} saved this case at {formatMoment(savedAt, new Date())}
            {savedByYou && ' in another tab'}, while you were changing the same figures here
          </AlertDialog.Title>
          <table className="conflict mt-4">
            <thead>
              <tr>
                <td />
                {SIDES.map((side) => (
                  <th key={side} scope="col">
                    {clauses.length === 1 ? (
                      whose[side]
                    ) : (
                      <TextButton onClick={() => takeAll(side)}>
                        <span className="sr-only">Take all: </span>
                        {whose[side]}
                      </TextButton>
                    )}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {clauses.map((clause) => (
                <tr key={clause.place}>
                  <th scope="row">{clause.of}</th>
                  {SIDES.map((side) => (
                    <td key={side}>
                      <label className="conflict-choice">
                        <input
                          type="radio"
                          name={clause.place}
                          className="accent-act"
                          aria-label={`${clause.of}, ${whose[side]}: ${clause[side]}`}
                          checked={sideOf(clause.place) === side}
                          onChange={() => setChosen(new Map([...chosen, [clause.place, side]]))}
                        />
                        {clause[side]}
                      </label>
                    </td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
          <AlertDialog.Description className="text-soft mt-4">
            What only one of you changed is kept. Nothing is lost: the history has either state, and Undo
            brings yours back here.
          </AlertDialog.Description>
          <div className="mt-5 flex justify-end">
            <AlertDialog.Action
              className="button"
              onClick={() => goOn(mergeBy(sideOf, base, mine, theirs.document))}
            >
              Go on with these
            </AlertDialog.Action>
          </div>
        </AlertDialog.Content>
      </AlertDialog.Portal>
    </AlertDialog.Root>
  )
}
