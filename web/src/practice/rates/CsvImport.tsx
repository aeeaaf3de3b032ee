import { useMutation } from '@tanstack/react-query'
import { useId, useState } from 'react'
import { Refusal, type AddOnDocument, type OfferDocument } from '../../api/client'
import { readRateCsv } from '../../api/rates'
import { TextButton } from '../../ui/TextButton'

type CsvImportProps = { take: (entries: { offers: OfferDocument[]; addOns: AddOnDocument[] }) => void }

/** Rates pasted or read from a file; what cannot be read is told by its line, and nothing is taken then. */
export function CsvImport({ take }: CsvImportProps) {
  const id = useId()
  const [isOpen, setIsOpen] = useState(false)
  const [text, setText] = useState('')
  const reading = useMutation({
    mutationFn: readRateCsv,
    onSuccess: (entries) => {
      take(entries)
      setIsOpen(false)
      setText('')
    },
  })
  if (!isOpen) {
    return (
      <p className="mt-4">
        <TextButton onClick={() => setIsOpen(true)}>Paste or open CSV…</TextButton>
      </p>
    )
  }
  const lines = reading.error instanceof Refusal ? (reading.error.problem.fields ?? []) : []
  return (
    <div className="mt-4 max-w-xl">
      <label htmlFor={id} className="heading">
        Comma-separated values
      </label>
      <p className="text-soft text-xs">
        First line: rate, points. Or: ltv above, ltv up to, score from, score to, points.
      </p>
      <textarea
        id={id}
        className="field mt-1 min-h-32 font-mono text-sm!"
        placeholder={'rate, points\n6.125, 1\n6.25, 0.5'}
        value={text}
        aria-invalid={reading.isError}
        aria-describedby={`${id}-problems`}
        onChange={(event) => setText(event.target.value)}
      />
      <ul id={`${id}-problems`} role={reading.isError ? 'alert' : undefined} className="field-problem">
        {lines.map(({ pointer, message }, index) => (
          <li key={index}>
            {lineWords(pointer)}
            {message}
          </li>
        ))}
        {reading.error && lines.length === 0 && <li>{reading.error.message}</li>}
      </ul>
      <p className="mt-2 flex flex-wrap items-center gap-4">
        <TextButton disabled={reading.isPending} onClick={() => reading.mutate(text)}>
          Take these lines
        </TextButton>
        <label className="text-button cursor-pointer">
          Open a file…
          <input
            type="file"
            accept=".csv,text/csv,text/plain"
            className="sr-only"
            onChange={(event) => {
              const [file] = event.target.files ?? []
              if (file) void file.text().then(setText)
            }}
          />
        </label>
        <TextButton onClick={() => setIsOpen(false)}>Cancel</TextButton>
      </p>
    </div>
  )
}

/** The line that a pointer names: /lines/4/ratePercent is line 4. */
function lineWords(pointer: string | null): string {
  const line = /^\/lines\/(\d+)/.exec(pointer ?? '')?.[1]
  return line === undefined ? '' : `Line ${line}: `
}
