import { useMutation } from '@tanstack/react-query'
import { useId, useState } from 'react'
import { Refusal } from '../api/client'
import { TextButton } from '../ui/TextButton'
import { readTextFile } from '../ui/readTextFile'
import { LineProblems, type LineProblem } from './lineProblems'

type ListImportProps<T> = {
  /** What opens it. */
  openWords: string
  label: string
  /** How a line looks, or which columns a table has. */
  hint: string
  placeholder: string
  /** @throws LineProblems or Refusal with everything that is wrong, by its line */
  read: (text: string) => Promise<T>
  take: (read: T) => void
}

/** What stands in the field of a list; a longer file is read without being shown. */
const MOST_SHOWN_CHARACTERS = 20_000

/** A list pasted or read from a file; what cannot be read is told by its line, and nothing is taken then. */
export function ListImport<T>({ openWords, label, hint, placeholder, read, take }: ListImportProps<T>) {
  const id = useId()
  const [isOpen, setIsOpen] = useState(false)
  const [text, setText] = useState('')
  const reading = useMutation({
    mutationFn: read,
    onSuccess: (entries) => {
      take(entries)
      setIsOpen(false)
      setText('')
    },
  })
  const opening = useMutation({
    mutationFn: readTextFile,
    onSuccess: (contents) => {
      if (contents.length <= MOST_SHOWN_CHARACTERS) setText(contents)
      reading.mutate(contents)
    },
  })
  if (!isOpen) return <TextButton onClick={() => setIsOpen(true)}>{openWords}</TextButton>
  const problems = problemsOf(reading.error ?? opening.error)
  return (
    <div className="mt-3 max-w-xl">
      <label htmlFor={id} className="heading">
        {label}
      </label>
      <p className="text-soft text-xs">{hint}</p>
      <textarea
        id={id}
        className="field mt-1 min-h-32 font-mono text-sm!"
        placeholder={placeholder}
        value={text}
        aria-invalid={problems.length > 0}
        aria-describedby={`${id}-problems`}
        onChange={(event) => setText(event.target.value)}
      />
      <div id={`${id}-problems`} role={problems.length > 0 ? 'alert' : undefined}>
        <ul className="field-problem max-h-40 overflow-y-auto">
          {problems.map(({ line, message }, index) => (
            <li key={index}>
              {line === null ? '' : `Line ${line}: `}
              {message}
            </li>
          ))}
        </ul>
      </div>
      <p className="mt-2 flex flex-wrap items-center gap-4">
        <TextButton disabled={reading.isPending} onClick={() => reading.mutate(text)}>
          Take these lines
        </TextButton>
        <label className="text-button cursor-pointer">
          Open a file…
          <input
            type="file"
            accept=".csv,.txt,.tsv,text/csv,text/plain"
            className="sr-only"
            onChange={(event) => {
              const [file] = event.target.files ?? []
              if (file) opening.mutate(file)
              // The same file, mended, can be opened again.
              event.target.value = ''
            }}
          />
        </label>
        <TextButton onClick={() => setIsOpen(false)}>Cancel</TextButton>
      </p>
    </div>
  )
}

function problemsOf(error: Error | null): readonly LineProblem[] {
  if (error === null) return []
  if (error instanceof LineProblems) return error.problems
  const fields = error instanceof Refusal ? (error.problem.fields ?? []) : []
  if (fields.length === 0) return [{ line: null, message: error.message }]
  return fields.map(({ pointer, message }) => ({ line: lineOf(pointer), message }))
}

/** The line that a pointer names: /lines/4/ratePercent is line 4. */
function lineOf(pointer: string | null): number | null {
  const line = /^\/lines\/(\d+)/.exec(pointer ?? '')?.[1]
  return line === undefined ? null : Number(line)
}
