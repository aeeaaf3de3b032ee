import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useId, useState } from 'react'
import { Refusal, type ColumnsView } from '../api/client'
import { FileButton } from '../ui/FileButton'
import { TextButton } from '../ui/TextButton'
import { readTextFile } from '../ui/readTextFile'
import { useRested } from '../ui/useRested'
import { ColumnMatch, type Matches } from './ColumnMatch'
import { problemsOf } from './lineProblems'

type ListImportProps<T> = {
  /** What opens it. */
  openWords: string
  label: string
  /** How a line looks, or which columns a table has. */
  hint: string
  placeholder: string
  /** @throws LineProblems or Refusal with everything that is wrong, by its line */
  read: (text: string, columns: Matches) => Promise<T>
  /** What would come in, line by line. */
  preview: (read: T) => readonly string[]
  take: (read: T) => void
}

/** What stands in the field of a list; a longer file is read without being shown. */
const MOST_SHOWN_CHARACTERS = 20_000
const MOST_PREVIEWED = 6
const REST_MS = 400

/** A list pasted or read from a file, with what would come in; what cannot be read is told by its line, and nothing is taken then. */
export function ListImport<T>({
  openWords,
  label,
  hint,
  placeholder,
  read,
  preview,
  take,
}: ListImportProps<T>) {
  const id = useId()
  const queries = useQueryClient()
  const [isOpen, setIsOpen] = useState(false)
  const [text, setText] = useState('')
  const [file, setFile] = useState<string | null>(null)
  const [matches, setMatches] = useState<Matches>({})
  const [columns, setColumns] = useState<{ of: string; found: ColumnsView } | null>(null)
  const asked = { text: file ?? text, matches }
  const rested = useRested(asked, REST_MS)
  const reading = (list: typeof asked) => ({
    queryKey: ['list', label, list.text, list.matches],
    queryFn: () => read(list.text, list.matches),
    retry: false,
    gcTime: 0,
  })
  const comesIn = useQuery({ ...reading(rested), enabled: isOpen && rested.text.trim() !== '' })
  const close = () => {
    setIsOpen(false)
    setText('')
    setFile(null)
    setMatches({})
  }
  const taking = useMutation({
    mutationFn: (list: typeof asked) => queries.query(reading(list)),
    onSuccess: (entries) => {
      take(entries)
      close()
    },
  })
  const opening = useMutation({
    mutationFn: readTextFile,
    onSuccess: (contents) => {
      taking.reset()
      setMatches({})
      setText(contents.length <= MOST_SHOWN_CHARACTERS ? contents : '')
      setFile(contents)
    },
  })
  const found = comesIn.error instanceof Refusal ? comesIn.error.problem.columns : undefined
  // They stay while they are matched, whatever has been told apart by then: a menu of theirs may be open.
  if (found && (columns?.of !== rested.text || columns.found !== found))
    setColumns({ of: rested.text, found })
  const unmatched = columns?.of === asked.text ? columns.found : undefined
  if (!isOpen) return <TextButton onClick={() => setIsOpen(true)}>{openWords}</TextButton>
  // While a list is typed, what is wrong with it so far is nobody's business; a file is whole.
  const problems = problemsOf(taking.error ?? opening.error ?? (file === null ? null : comesIn.error))
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
        onChange={(event) => {
          taking.reset()
          setFile(null)
          setText(event.target.value)
        }}
      />
      <div id={`${id}-problems`} role={problems.length > 0 ? 'alert' : undefined}>
        <ul className="field-problem max-h-40 overflow-y-auto">
          {problems.map(({ line, column, message }, index) => (
            <li key={index}>
              {line !== null && `Line ${line}${column === null ? '' : `, ${column}`}: `}
              {message}
            </li>
          ))}
        </ul>
      </div>
      {unmatched && (
        <ColumnMatch
          columns={unmatched}
          matches={matches}
          match={(chosen) => {
            taking.reset()
            setMatches(chosen)
          }}
        />
      )}
      {comesIn.data !== undefined && <WhatComesIn lines={preview(comesIn.data)} />}
      <p className="mt-2 flex flex-wrap items-center gap-4">
        <TextButton disabled={taking.isPending} onClick={() => taking.mutate(asked)}>
          Take these lines
        </TextButton>
        <FileButton
          words="Open a file…"
          accept=".csv,.txt,.tsv,text/csv,text/plain"
          take={(file) => opening.mutate(file)}
        />
        <TextButton onClick={close}>Cancel</TextButton>
      </p>
    </div>
  )
}

/** The first lines of what would be taken, and how many more. */
function WhatComesIn({ lines }: { lines: readonly string[] }) {
  const more = lines.length - MOST_PREVIEWED
  return (
    <div className="mt-2" role="status">
      <p className="heading">{lines.length === 1 ? 'Comes in' : `${lines.length} come in`}</p>
      <ul className="font-figures" aria-label="What comes in">
        {lines.slice(0, MOST_PREVIEWED).map((line, index) => (
          <li key={index}>{line}</li>
        ))}
      </ul>
      {more > 0 && <p className="text-soft text-xs">and {more} more</p>}
    </div>
  )
}
