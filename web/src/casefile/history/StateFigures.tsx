import { useQuery } from '@tanstack/react-query'
import { lazy, Suspense, useMemo, useState } from 'react'
import { figuresQuery } from '../../api/answers'
import type { CaseDocument } from '../../api/client'
import { handoutPdfQuery } from '../../api/handouts'
import { formatAmount } from '../../format/amount'
import { formatMonth } from '../../format/date'
import { localeOfCase, MARKETS, marketOf } from '../../format/market'
import { formatPercent } from '../../format/percent'
import { TextButton } from '../../ui/TextButton'
import { fullTitleOf } from '../differences'
import { baselineOf } from '../option'

const Pages = lazy(() => import('../handout/Pages').then(({ Pages: loaded }) => ({ default: loaded })))

/** An earlier state with its own figures, to be looked at and not changed. */
export function StateFigures({ document }: { document: CaseDocument }) {
  const figures = useQuery(figuresQuery(document))
  const [isWhole, setIsWhole] = useState(false)
  const locale = localeOfCase(document)
  const titles = useMemo(
    () =>
      document.options.map((each) =>
        fullTitleOf(baselineOf(document), each, locale, MARKETS[marketOf(document)]),
      ),
    [document, locale],
  )
  if (figures.error) {
    return (
      <p role="alert" className="field-problem">
        {figures.error.message}
      </p>
    )
  }
  if (!figures.data) return <p className="text-soft mt-2">Computing…</p>
  return (
    <section className="mt-3" aria-label="Figures of this state">
      <div className="overflow-x-auto" tabIndex={0} role="group" aria-label="Its options">
        <table className="figures-table">
          <thead>
            <tr>
              <th scope="col">{document.title}</th>
              <th scope="col">Loan</th>
              <th scope="col">Rate</th>
              <th scope="col">Payment</th>
              <th scope="col">The month</th>
              <th scope="col">Interest in all</th>
              <th scope="col">Paid off</th>
            </tr>
          </thead>
          <tbody>
            {figures.data.options.map((option, index) => (
              <tr key={document.options[index]?.id}>
                <th scope="row" className="font-words! text-sm!">
                  {titles[index]}
                </th>
                <td>{formatAmount(option.loanCents)}</td>
                <td>{formatPercent(document.options[index]?.terms.ratePercent ?? 0)}</td>
                <td>{formatAmount(option.paymentCents)}</td>
                <td>{formatAmount(option.housingCost.totalCents)}</td>
                <td>{formatAmount(option.totalInterestCents)}</td>
                <td>{formatMonth(option.payoffDate, locale)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <p className="mt-2">
        <TextButton aria-expanded={isWhole} onClick={() => setIsWhole(!isWhole)}>
          {isWhole ? 'Put the document away' : 'Show it as a document'}
        </TextButton>
      </p>
      {isWhole && <WholeState document={document} titles={titles} />}
    </section>
  )
}

/** All that the state says, set as its hand-out would be. */
function WholeState({ document, titles }: { document: CaseDocument; titles: readonly string[] }) {
  const pages = useQuery(handoutPdfQuery({ document, titles }))
  if (pages.error) {
    return (
      <p role="alert" className="field-problem">
        {pages.error.message}
      </p>
    )
  }
  return (
    <Suspense fallback={null}>
      {pages.data ? <Pages pdf={pages.data.contents} /> : <p className="text-soft">Setting the pages…</p>}
    </Suspense>
  )
}
