import type { ProgrammeDocument } from '../../api/client'
import { readFigure } from '../../entry/figure'
import { readPercent } from '../../entry/percent'
import type { Reading } from '../../entry/reading'
import { ListEditor } from '../../field/ListEditor'
import { insertAfter, movedBy } from '../../field/lists'
import { useClaim } from '../../field/useClaim'
import { formatPercent } from '../../format/percent'
import { Figure } from '../../sentence/Figure'
import { newBand } from './newProgramme'
import { typedCover, type Band, type Cover } from './programmeWords'

type BandListProps = { programme: ProgrammeDocument; change: (bands: Band[]) => void }

/** The bands, a line each: from which cover on, up to which share of the value, at what rate more. */
export function BandList({ programme: { bands, cover }, change }: BandListProps) {
  useClaim(['/bands'])
  return (
    <ListEditor
      label="Bands"
      entries={bands}
      line={(band) => (
        <BandFigures
          band={band}
          cover={cover}
          change={(fields) =>
            change(bands.map((each) => (each.id === band.id ? { ...each, ...fields } : each)))
          }
        />
      )}
      add={(after) => {
        const added = newBand(bands.find(({ id }) => id === after) ?? bands.at(-1))
        change(insertAfter(bands, added, after))
        return added.id
      }}
      remove={(id) => change(bands.filter((each) => each.id !== id))}
      move={(id, by) => change(movedBy(bands, id, by))}
      addWords="Add a band"
    />
  )
}

const PERCENT_DIGITS = 6

/** A cover as it is typed: a ratio, or percent of the interest. */
const readCover =
  (cover: Cover) =>
  (text: string): Reading<number> => {
    const figure = readFigure(text)
    return cover === 'INTEREST' && figure.status === 'read'
      ? { ...figure, value: Number((figure.value / 100).toFixed(PERCENT_DIGITS)) }
      : figure
  }

type BandFiguresProps = { band: Band; cover: Cover; change: (fields: Partial<Band>) => void }

function BandFigures({ band, cover, change }: BandFiguresProps) {
  const at = `/bands/${band.id}`
  return (
    <span className="block">
      From{' '}
      <Figure
        label="Least cover"
        pointer={`${at}/leastCover`}
        text={typedCover(band.leastCover, cover)}
        read={readCover(cover)}
        inputMode="decimal"
        take={(leastCover) => change({ leastCover })}
      />{' '}
      {cover === 'INTEREST' ? 'of the interest' : 'times'} up to{' '}
      <Figure
        label="Most loan to value"
        pointer={`${at}/loanToValuePercent`}
        text={formatPercent(band.loanToValuePercent)}
        read={readPercent}
        inputMode="decimal"
        take={(loanToValuePercent) => change({ loanToValuePercent })}
      />{' '}
      of the value, at{' '}
      <Figure
        label="Added to the rate"
        pointer={`${at}/addOnPercent`}
        text={formatPercent(band.addOnPercent)}
        read={readPercent}
        inputMode="decimal"
        take={(addOnPercent) => change({ addOnPercent })}
      />{' '}
      more
    </span>
  )
}
