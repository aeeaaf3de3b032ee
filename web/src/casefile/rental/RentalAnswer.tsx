import { Link } from '@tanstack/react-router'
import { formatEntry } from '../../format/amount'
import { formatRatio } from '../../format/percent'
import { Choice } from '../../sentence/Choice'
import '../../ui/text-button.css'
import { useOpenCase } from '../CaseContext'
import { useOption } from '../OptionContext'
import { Spoken } from '../Spoken'
import { Explained } from '../../working/Explained'
import { LetFor } from './LetFor'
import { withLetting } from './letting'
import { BASES, coveredWords, coverText, lentWords, nothingWords } from './lettingWords'
import type { Letting } from './useLetting'

/** The view's question while no rent is known. */
export function RentQuestion() {
  return (
    <p className="sentence" data-testid="answer">
      Let <LetFor after="." />
    </p>
  )
}

/** The answer of the view: how far the rent covers what goes out, and what a programme then lends. */
export function RentalAnswer({ letting: { letting, view, programmes, programme } }: { letting: Letting }) {
  const { store, document, staleness } = useOpenCase()
  const { figures } = useOption()
  const { chosen } = view
  if (chosen === null || programme === null) return <WithoutProgramme />
  const covers = chosen.cover === null ? null : coverText(chosen.cover, chosen.coverUnit)
  const { loanCents } = chosen.lending
  const lent =
    loanCents === null
      ? nothingWords(chosen.lending, letting.basis, chosen.basis?.leastScore ?? null)
      : `then lends up to ${lentWords(chosen.lending)}`
  const share =
    loanCents !== null && figures.baseLoanCents > 0 && figures.loanToValuePercent
      ? `, ${formatRatio((loanCents / figures.baseLoanCents) * figures.loanToValuePercent, 1)} of the value`
      : ''
  const verdict =
    loanCents === null
      ? ''
      : chosen.lends
        ? 'enough for this loan'
        : shortBy(figures.baseLoanCents, loanCents)
  return (
    <>
      <p className="sentence" data-testid="answer">
        Let <LetFor after="," />{' '}
        {covers === null ? (
          'there is nothing to cover: '
        ) : (
          <>
            the rent {chosen.coverUnit === 'INTEREST' ? 'is' : 'covers'}{' '}
            {chosen.coverUnit === 'OUTGOINGS' && coveredWords(chosen)}{' '}
            <b data-testid="cover">
              <Explained
                figure={chosen.coverUnit === 'INTEREST' ? 'INTEREST_COVER' : 'COVER'}
                subject={{ of: 'letting', programme: programme.programme }}
              >
                {covers}
              </Explained>
            </b>
            {chosen.coverUnit === 'INTEREST' && ` of ${coveredWords(chosen)}`};{' '}
          </>
        )}
        <Choice
          label="Programme"
          value={programme.id}
          words={Object.fromEntries(programmes.map(({ id, programme: { name } }) => [id, name]))}
          choose={(id) => {
            store.changeDocument(withLetting(document, { programme: id }))
            store.settle()
          }}
        />{' '}
        {lent}
        {share}
        {verdict !== '' && (
          <>
            , <span className={chosen.lends ? undefined : 'text-over'}>{verdict}</span>
          </>
        )}
        .
      </p>
      <Spoken
        answer={`Let ${BASES[letting.basis]} for ${formatEntry(letting.rentCents ?? 0)} a month, ${covers ?? 'nothing to cover'}; ${programme.programme.name} ${lent}, ${verdict}`}
        isCurrent={staleness === null}
      />
    </>
  )
}

const shortBy = (asked: number, lent: number) =>
  asked > lent ? `${formatEntry(asked - lent)} short of this loan` : 'but not this loan at its rate'

function WithoutProgramme() {
  return (
    <>
      <p className="sentence" data-testid="answer">
        Let <LetFor after="." />
      </p>
      <p className="text-soft mt-1">
        The practice has no programme of this market to hold it against.{' '}
        <Link to="/practice/programmes" className="text-button">
          Add one
        </Link>
      </p>
    </>
  )
}
