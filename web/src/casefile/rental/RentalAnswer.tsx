import { Link } from '@tanstack/react-router'
import type { LettingDocument, ProgrammeAnswerView } from '../../api/client'
import { formatEntry } from '../../format/amount'
import { formatRatio } from '../../format/percent'
import { Choice } from '../../sentence/Choice'
import '../../ui/text-button.css'
import { useOpenCase } from '../CaseContext'
import { DeletedNote } from '../DeletedNote'
import { useOption } from '../OptionContext'
import { Spoken } from '../Spoken'
import { Explained } from '../../working/Explained'
import { LentAt } from './LentAt'
import { LetFor } from './LetFor'
import { withLetting } from './letting'
import { BASES, coveredWords, coverText, lentWords, nothingWords } from './lettingWords'
import type { Letting } from './useLetting'

type RentalAnswerProps = {
  /** Nothing while no rent is known. */
  letting: Letting | null
  isCurrent: boolean
}

/** The answer of the view: how the home is let, how far the rent covers what goes out, and what a programme then lends. */
export function RentalAnswer({ letting, isCurrent }: RentalAnswerProps) {
  const { figures } = useOption()
  return (
    <>
      <p className="sentence rental-answer" data-testid="answer">
        Let <LetFor after={letting?.view.chosen ? ',' : '.'} /> {letting && <Covered letting={letting} />}
      </p>
      {letting?.programme && (
        <DeletedNote
          kind="programmes"
          wanted={letting.letting.programme}
          among={letting.programmes}
          meanwhile={`checked against ${letting.programme.programme.name}`}
        />
      )}
      <div className="min-h-6">{letting && <Beside letting={letting} />}</div>
      <Spoken answer={letting ? spokenOf(letting, figures.baseLoanCents) : ''} isCurrent={isCurrent} />
    </>
  )
}

/** How far the rent covers the loan, and what the programme then lends; nothing where there is no programme. */
function Covered({ letting: { letting, view, programmes, programme } }: { letting: Letting }) {
  const { store, document } = useOpenCase()
  const { figures } = useOption()
  const { chosen } = view
  if (chosen === null || programme === null) return null
  const covers = chosen.cover === null ? null : coverText(chosen.cover, chosen.coverUnit)
  const verdict = verdictOf(chosen, figures.baseLoanCents)
  return (
    <>
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
      {lentText(chosen, letting)}
      {shareText(chosen)}
      {verdict !== '' && (
        <>
          , <span className={chosen.lentAt ? undefined : 'text-over'}>{verdict}</span>
        </>
      )}
      .
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

const lentText = ({ lending, basis }: ProgrammeAnswerView, { basis: letFor }: LettingDocument) =>
  lending.loanCents === null
    ? nothingWords(lending, letFor, basis?.leastScore ?? null)
    : `then lends up to ${lentWords(lending)}`

const shareText = ({ lending: { loanToValuePercent } }: ProgrammeAnswerView) =>
  loanToValuePercent === null ? '' : `, ${formatRatio(loanToValuePercent, 2)} of the value`

function spokenOf({ letting, view: { chosen }, programme }: Letting, loanCents: number): string {
  if (chosen === null || programme === null) return ''
  const covers = chosen.cover === null ? 'nothing to cover' : coverText(chosen.cover, chosen.coverUnit)
  const lent = [lentText(chosen, letting), verdictOf(chosen, loanCents)].filter((each) => each !== '')
  return `Let ${BASES[letting.basis]} for ${formatEntry(letting.rentCents ?? 0)} a month, ${covers}; ${programme.programme.name} ${lent.join(', ')}`
}

/** What is to be said beside the answer: another rate than the loan’s, or that there is no programme. */
function Beside({ letting: { view } }: { letting: Letting }) {
  if (view.chosen !== null) return <LentAt chosen={view.chosen} />
  return (
    <p className="text-soft mt-1">
      The practice has no programme of this market to check it against.{' '}
      <Link to="/practice/programmes" className="text-button">
        Add one
      </Link>
    </p>
  )
}
