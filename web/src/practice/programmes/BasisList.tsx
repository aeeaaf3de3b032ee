import type { ProgrammeDocument } from '../../api/client'
import { BASES } from '../../casefile/rental/lettingWords'
import { readScore } from '../../entry/score'
import { readPercent } from '../../entry/percent'
import { ListEditor } from '../../field/ListEditor'
import { insertAfter, movedBy } from '../../field/lists'
import { formatPercent } from '../../format/percent'
import { Choice } from '../../sentence/Choice'
import { Figure } from '../../sentence/Figure'
import { newBasis } from './newProgramme'
import type { Basis, Cover } from './programmeWords'

type Change = (bases: Basis[]) => void
type BasisListProps = { programme: ProgrammeDocument; change: Change; step: Change }

/** The letting bases, a line each: up to which share of the value, how much of the rent counts, from which score. */
export function BasisList({ programme: { bases, cover }, change, step }: BasisListProps) {
  const put = (write: Change, id: string, fields: Partial<Basis>) =>
    write(bases.map((each) => (each.id === id ? { ...each, ...fields } : each)))
  return (
    <ListEditor
      label="Letting bases"
      entries={bases}
      line={(basis) => (
        <BasisFigures
          basis={basis}
          cover={cover}
          change={(fields) => put(change, basis.id, fields)}
          step={(fields) => put(step, basis.id, fields)}
        />
      )}
      add={(after) => {
        const added = newBasis(bases)
        if (added === null) return after ?? bases[0]?.id ?? ''
        change(insertAfter(bases, added, after))
        return added.id
      }}
      remove={(id) => change(bases.filter((each) => each.id !== id))}
      move={(id, by) => change(movedBy(bases, id, by))}
      addWords="Add a letting basis"
    />
  )
}

type BasisFiguresProps = {
  basis: Basis
  cover: Cover
  change: (fields: Partial<Basis>) => void
  step: (fields: Partial<Basis>) => void
}

function BasisFigures({ basis, cover, change, step }: BasisFiguresProps) {
  const at = `/bases/${basis.id}`
  return (
    <span className="block">
      Let{' '}
      <Choice
        label="Letting basis"
        value={basis.basis}
        words={BASES}
        choose={(chosen) => step({ basis: chosen })}
      />{' '}
      up to{' '}
      <Figure
        label="Most loan to value on the basis"
        pointer={`${at}/loanToValuePercent`}
        text={formatPercent(basis.loanToValuePercent)}
        read={readPercent}
        inputMode="decimal"
        take={(loanToValuePercent) => change({ loanToValuePercent })}
      />{' '}
      of the value
      {cover === 'OUTGOINGS' && (
        <>
          , of the rent counts{' '}
          <Figure
            label="Share of the rent"
            pointer={`${at}/countedPercent`}
            text={formatPercent(basis.countedPercent)}
            read={readPercent}
            inputMode="decimal"
            take={(countedPercent) => change({ countedPercent })}
          />
        </>
      )}
      , score from{' '}
      <Figure
        label="Least score"
        pointer={`${at}/leastScore`}
        text={basis.leastScore === null ? 'any' : String(basis.leastScore)}
        read={readScore}
        inputMode="numeric"
        take={(leastScore) => change({ leastScore })}
        clear={() => change({ leastScore: null })}
      />
    </span>
  )
}
