import { Link } from '@tanstack/react-router'
import type { ProgrammeAnswerView } from '../../api/client'
import { formatEntry } from '../../format/amount'
import { formatRatio } from '../../format/percent'
import { Choice } from '../../sentence/Choice'
import '../../ui/text-button.css'
import { useOpenCase } from '../CaseContext'
import { useOption } from '../OptionContext'
import { Spoken } from '../Spoken'
import { Explained } from '../../working/Explained'
import { LentAt } from './LentAt'
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
  const { loanToValuePercent } = chosen.lending
  const share = loanToValuePercent === null ? '' : `, ${formatRatio(loanToValuePercent, 2)} of the value`
  const verdict = verdictOf(chosen, figures.baseLoanCents)
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
            , <span className={chosen.lentAt ? undefined : 'text-over'}>{verdict}</span>
          </>
        )}
        .
      </p>
      <LentAt chosen={chosen} />
      <Spoken
        answer={`Let ${BASES[letting.basis]} for ${formatEntry(letting.rentCents ?? 0)} a month, ${covers ?? 'nothing to cover'}; ${programme.programme.name} ${[lent, verdict].filter((each) => each !== '').join(', ')}`}
        isCurrent={staleness === null}
      />
    </>
  )
}

/** Whether what is lent is enough for the loan, or by how much it is not. */
function verdictOf({ lending, lentAt }: ProgrammeAnswerView, asked: number): string {
  if (lentAt !== null) return 'enough for this loan'
  if (lending.loanCents === null) return ''
  return asked > lending.loanCents
    ? `${formatEntry(asked - lending.loanCents)} short of this loan`
    : 'but not this loan'
}

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
