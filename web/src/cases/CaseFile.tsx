import { useMutation } from '@tanstack/react-query'
import { useNavigate } from '@tanstack/react-router'
import { useEffect } from 'react'
import { createCase } from '../api/cases'
import type { ReadCaseView } from '../api/client'
import { readCase } from '../api/files'
import { formatMoney } from '../format/amount'
import { localeOfCase, MARKETS, marketOf } from '../format/market'
import { Ledger } from '../ui/Ledger'
import { TextButton } from '../ui/TextButton'
import { fileProblems } from './fileProblems'

type CaseFileProps = { text: string; close: () => void }

/** A case from a file as it was handed on, shown before it is kept. */
export function CaseFile({ text, close }: CaseFileProps) {
  const navigate = useNavigate()
  const reading = useMutation({ mutationFn: readCase })
  const keeping = useMutation({
    mutationFn: ({ document }: ReadCaseView) => createCase(document),
    onSuccess: (kept) => navigate({ to: '/cases/$id', params: { id: kept.id } }),
  })
  const { mutate: read } = reading
  useEffect(() => read(text), [read, text])
  const error = reading.error ?? keeping.error
  const { data } = reading
  return (
    <>
      {error && (
        <ul
          role="alert"
          aria-label="What is wrong in the file"
          className="field-problem max-h-48 overflow-y-auto"
        >
          {fileProblems(error).map(({ place, message }, index) => (
            <li key={index}>
              {place && <b>{place}: </b>}
              {message}
            </li>
          ))}
        </ul>
      )}
      {data && <WhatComesIn read={data} />}
      <p className="mt-5 flex items-center gap-5">
        <button
          type="button"
          className="button"
          disabled={!data || keeping.isPending}
          onClick={() => data && keeping.mutate(data)}
        >
          Keep as a new case
        </button>
        <TextButton onClick={close}>Cancel</TextButton>
      </p>
    </>
  )
}

function WhatComesIn({ read: { document, evaluation } }: { read: ReadCaseView }) {
  const locale = localeOfCase(document)
  const words = MARKETS[marketOf(document)]
  const money = (cents: number) => formatMoney(cents, locale, document.currency)
  return (
    <section className="mt-4" aria-label="What comes in" role="status">
      <p className="font-figures text-lg">
        {document.title}
        {document.clients && <span className="text-soft"> for {document.clients}</span>}
      </p>
      <p className="text-soft text-[0.8125rem]">
        {words.name}, {document.household.incomes.length} incomes, {document.debts.length} debts
      </p>
      <Ledger className="mt-2">
        {document.options.map((option, index) => (
          <div key={option.id}>
            <dt>
              {option.name ?? (index === 0 ? 'Baseline' : `Option ${index + 1}`)}{' '}
              <span className="note">{money(evaluation.options[index]?.loanCents ?? 0)} borrowed</span>
            </dt>
            <dd>{money(evaluation.options[index]?.paymentCents ?? 0)}</dd>
          </div>
        ))}
      </Ledger>
    </section>
  )
}
