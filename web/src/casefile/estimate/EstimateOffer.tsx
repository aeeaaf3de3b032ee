import { useMutation } from '@tanstack/react-query'
import { useRef } from 'react'
import type { EstimateView } from '../../api/client'
import type { AskedHome } from '../../api/letting'
import { formatEntry } from '../../format/amount'
import { marketOf } from '../../format/market'
import { TextButton } from '../../ui/TextButton'
import { useOpenCase } from '../CaseContext'
import { homeOf } from './home'

type EstimateOfferProps = {
  label: string
  ask: (home: AskedHome, signal: AbortSignal) => Promise<EstimateView[]>
  /** What the figure is for: a year, a month; empty where it is for nothing. */
  per: string
  /** What the home is worth, in cents, where that is known. */
  valueCents: number | null
  /** Takes an estimate as the figure. */
  use: (estimate: EstimateView) => void
  /** What else is said of an estimate. */
  note?: (estimate: EstimateView) => string
}

/** Asks outside for a figure of the home, and offers what comes with its range; the asking can be stopped. */
export function EstimateOffer({ label, ask, per, valueCents, use, note }: EstimateOfferProps) {
  const { document } = useOpenCase()
  const stop = useRef<AbortController | null>(null)
  const question: AskedHome = { market: marketOf(document), home: homeOf(document.home), valueCents }
  const asking = useMutation({
    mutationFn: (asked: AskedHome) => {
      if (asked.home.area === null) throw new Error('Say the home’s area first.')
      stop.current = new AbortController()
      return ask(asked, stop.current.signal)
    },
  })
  // What was answered for another home is no answer for this one.
  const isForThis = JSON.stringify(asking.variables) === JSON.stringify(question)
  return (
    <div className="screen-only mt-1 text-[0.8125rem]">
      {asking.isPending ? (
        <p role="status">
          Asking…{' '}
          <TextButton
            onClick={() => {
              stop.current?.abort()
              asking.reset()
            }}
          >
            Stop<span className="sr-only"> asking: {label}</span>
          </TextButton>
        </p>
      ) : (
        <p>
          <TextButton onClick={() => asking.mutate(question)}>{label}…</TextButton>
        </p>
      )}
      {asking.isError && isForThis && (
        <p role="alert" className="field-problem">
          {asking.error.message}
        </p>
      )}
      {asking.data && isForThis && (
        <ul aria-label={label}>
          {asking.data.map((estimate) => (
            <li key={estimate.deductibleCents ?? 0} className="mt-1">
              <span className="font-figures text-base">
                <b>{formatEntry(estimate.cents)}</b> {per}
              </span>{' '}
              <span className="text-soft">
                {formatEntry(estimate.origin.lowCents)} to {formatEntry(estimate.origin.highCents)}
                {estimate.origin.about !== null && `, ${estimate.origin.about}`}
                {estimate.origin.simulated && ', simulated'}
                {note && note(estimate) !== '' && `; ${note(estimate)}`}
              </span>{' '}
              <TextButton
                onClick={() => {
                  use(estimate)
                  asking.reset()
                }}
              >
                Use it
                <span className="sr-only">
                  : {formatEntry(estimate.cents)} {per}
                </span>
              </TextButton>
            </li>
          ))}
        </ul>
      )}
    </div>
  )
}
