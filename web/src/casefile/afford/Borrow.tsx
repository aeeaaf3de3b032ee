import { useState } from 'react'
import { borrowingQuery } from '../../api/affordability'
import type { BorrowingView, LimitSetDocument, ReadingView } from '../../api/client'
import { formatAmount, formatEntry } from '../../format/amount'
import { formatPercent } from '../../format/percent'
import { AnswerButton } from '../../answer/AnswerButton'
import { AnswerScope, AnswerStatus } from '../../answer/AnswerScope'
import { useAnswer } from '../../answer/useAnswer'
import { useOpenCase } from '../CaseContext'
import { amount, atLevelPayment, purchaseOf, withPurchase } from '../option'
import { useOption } from '../OptionContext'
import { PreApproval } from './PreApproval'
import { PriceChart } from './PriceChart'
import type { CurvePoint } from './priceMarks'
import { measureName } from './readingWords'
import { ApplyButtons } from './ApplyButtons'
import type { Affordability, Held } from './useAffordability'

/** What they can borrow without a home in mind: the largest price under each set with all the money they have for it. */
export function Borrow({ affordability }: { affordability: Affordability }) {
  const { answered, option } = useOption()
  const { sets, chosen } = affordability
  const isPurchase = purchaseOf(option) !== null
  const place = sets.indexOf(chosen)
  const documents = sets.map(({ set }) => set)
  const isAsked = isPurchase && chosen.view.monthlyIncomeCents > 0
  const answer = useAnswer(
    { ...borrowingQuery(answered.document, answered.index, documents, place), enabled: isAsked },
    answered.document,
  )
  if (!isAsked) return null
  return (
    <section
      aria-labelledby="borrow-heading"
      className="mt-10"
      data-waiting={answer.value === null || undefined}
    >
      <h2 id="borrow-heading" className="heading">
        Without a home in mind
      </h2>
      <AnswerStatus of={answer} />
      {answer.value && (
        <AnswerScope of={answer}>
          <Borrowing view={answer.value} place={place} affordability={affordability} />
        </AnswerScope>
      )}
    </section>
  )
}

type Measure = ReadingView['measure']
type BorrowingProps = { view: BorrowingView; place: number; affordability: Affordability }

function Borrowing({ view, place, affordability: { sets, chosen } }: BorrowingProps) {
  const { words } = useOpenCase()
  const { option } = useOption()
  const [isSummary, setIsSummary] = useState(false)
  const most = view.sets[place]
  const { priceCents = null, downCents = null } = most ?? {}
  const own = option.terms.ratePercent
  return (
    <>
      {most && priceCents !== null && downCents !== null ? (
        <>
          <p className="sentence" data-testid="largest-price">
            They can buy for up to <b>{formatEntry(priceCents)}</b> under {chosen.set.name}.
          </p>
          <div className="mt-1 flex flex-wrap items-baseline justify-between gap-x-6 gap-y-1">
            <p className="text-soft text-[0.8125rem]">
              {formatEntry(downCents)} {words.down}, a loan of {formatEntry(most.loanCents ?? 0)} at{' '}
              {formatPercent(own)}, {formatAmount(most.housing?.totalCents ?? 0)} a month for the home;{' '}
              {formatAmount(most.cashToCloseCents ?? 0)} at closing.
            </p>
            <span className="screen-only flex flex-wrap gap-x-5">
              <ApplyButtons
                name={`a price of ${formatEntry(priceCents)}`}
                change={(from) =>
                  withPurchase({ priceCents, down: amount(downCents), appraisalCents: null })(
                    atLevelPayment(from),
                  )
                }
              />
              <AnswerButton onClick={() => setIsSummary(true)}>Pre-approval summary…</AnswerButton>
            </span>
          </div>
          <div className="mid:grid-cols-2 mt-5 grid gap-x-8 gap-y-6">
            <PriceChart
              title="Largest price by rate"
              curve={{
                points: ratePoints(view, chosen.set),
                today: { at: own, priceCents },
                write: formatPercent,
              }}
            />
            <PriceChart
              title={`Largest price by money ${words.down}`}
              curve={{
                points: downPoints(view, chosen.set),
                today: { at: downCents, priceCents },
                write: formatEntry,
              }}
            />
          </div>
          {isSummary && <PreApproval most={most} held={chosen} close={() => setIsSummary(false)} />}
        </>
      ) : (
        <p className="font-figures mt-1 text-lg">
          {chosen.set.name} allows no loan on these terms with the money they have.
        </p>
      )}
      <PricesBySet view={view} sets={sets} />
    </>
  )
}

function PricesBySet({ view, sets }: { view: BorrowingView; sets: readonly Held[] }) {
  if (sets.length === 1) return null
  return (
    <ul aria-label="Largest price by limit set" className="mid:grid-cols-2 mt-4 grid gap-x-8">
      {sets.map(({ id, set }, index) => {
        const priceCents = view.sets[index]?.priceCents ?? null
        return (
          <li key={id} className="border-rule flex items-baseline justify-between gap-3 border-b py-1.5">
            {set.name}
            <span className="font-figures">{priceCents === null ? 'none' : formatEntry(priceCents)}</span>
          </li>
        )
      })}
    </ul>
  )
}

const ratePoints = ({ byRate }: BorrowingView, set: LimitSetDocument): CurvePoint[] =>
  byRate.flatMap(({ ratePercent, priceCents, decides }) =>
    priceCents === null ? [] : [{ at: ratePercent, priceCents, decides: namesOf(decides, set) }],
  )

const downPoints = ({ byDown }: BorrowingView, set: LimitSetDocument): CurvePoint[] =>
  byDown.flatMap(({ downCents, priceCents, decides }) =>
    priceCents === null ? [] : [{ at: downCents, priceCents, decides: namesOf(decides, set) }],
  )

/** The tests by the names that the set has for them: “housing” and “all”. */
const namesOf = (measures: readonly Measure[], set: LimitSetDocument): string | null =>
  measures.length === 0 ? null : measures.map((each) => `“${measureName(each, set)}”`).join(' and ')
