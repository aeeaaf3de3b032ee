import { useMutation } from '@tanstack/react-query'
import { useNavigate } from '@tanstack/react-router'
import { useId } from 'react'
import { createCase } from '../api/cases'
import type { ReadCaseView } from '../api/client'
import { readCase } from '../api/files'
import { formatMoney } from '../format/amount'
import { localeOfCase, MARKETS, marketOf } from '../format/market'
import { Ledger } from '../ui/Ledger'
import { ModalDialog } from '../ui/ModalDialog'
import { readTextFile } from '../ui/readTextFile'
import { TextButton } from '../ui/TextButton'
import { fileProblems } from './fileProblems'

/** Reads a case from a file, shows what would come in, and keeps it as a new case. */
export function OpenFile({ close }: { close: () => void }) {
  const navigate = useNavigate()
  const id = useId()
  const reading = useMutation({ mutationFn: async (file: File) => readCase(await jsonOf(file)) })
  const keeping = useMutation({
    mutationFn: ({ document }: ReadCaseView) => createCase(document),
    onSuccess: (kept) => navigate({ to: '/cases/$id', params: { id: kept.id } }),
  })
  const error = reading.error ?? keeping.error
  const { data } = reading
  return (
    <ModalDialog
      title="Open a case file"
      description="A case that was handed on as JSON, from here or from another practice. Nothing is kept before you have seen it."
      close={close}
    >
      <label htmlFor={id} className="mt-5 mb-1 block font-medium">
        File
      </label>
      <input
        id={id}
        type="file"
        accept=".json,application/json"
        className="block w-full"
        aria-invalid={reading.isError}
        onChange={(event) => {
          const [file] = event.target.files ?? []
          keeping.reset()
          if (file) reading.mutate(file)
          // The same file, mended, can be opened again.
          event.target.value = ''
        }}
      />
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
    </ModalDialog>
  )
}

function WhatComesIn({ read: { document, evaluation } }: { read: ReadCaseView }) {
  const money = (cents: number) => formatMoney(cents, localeOfCase(document), document.currency)
  return (
    <section className="mt-4" aria-label="What comes in" role="status">
      <p className="font-figures text-lg">
        {document.title}
        {document.clients && <span className="text-soft"> for {document.clients}</span>}
      </p>
      <p className="text-soft text-[0.8125rem]">
        {MARKETS[marketOf(document)].name}, {document.household.incomes.length} incomes,{' '}
        {document.debts.length} debts
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

/** A file's text, if it is JSON. @throws Error in words if it is not */
async function jsonOf(file: File): Promise<string> {
  const text = await readTextFile(file)
  try {
    JSON.parse(text)
  } catch {
    throw new Error(`“${file.name}” is no JSON file: save a case as JSON in its Hand-out view.`)
  }
  return text
}
