import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import { postForFile } from '../../api/files'
import type { HandoutQuestion } from '../../api/handouts'
import { Choice } from '../../sentence/Choice'
import { saveFile } from '../../ui/saveFile'
import { TextButton } from '../../ui/TextButton'
import { useHandoutQuestion } from './useHandoutQuestion'

const SEPARATOR_WORDS = { COMMA: 'commas', SEMICOLON: 'semicolons', TAB: 'tabs' } as const
type Separator = keyof typeof SEPARATOR_WORDS

type Format = {
  words: string
  /** Its address and what is sent there. */
  ask: (question: HandoutQuestion, separator: Separator) => [address: string, body: unknown]
}

const at = (address: string, parameters: Record<string, string>) =>
  `/api/open-data/${address}?${new URLSearchParams(parameters).toString()}`

const LISTS: readonly Format[] = [
  {
    words: 'Schedule',
    ask: ({ document, option }, separator) => [
      at('schedule', { option: String(option), separator }),
      document,
    ],
  },
  {
    words: 'Options',
    ask: ({ document, titles }, separator) => [at('options', { separator }), { document, titles }],
  },
  { words: 'Incomes', ask: ({ document }, separator) => [at('incomes', { separator }), document] },
  { words: 'Debts', ask: ({ document }, separator) => [at('debts', { separator }), document] },
]

const WHOLE: readonly Format[] = [
  {
    words: 'A workbook with live formulas',
    ask: ({ document, titles }) => ['/api/workbooks', { document, titles }],
  },
  { words: 'The case as JSON', ask: ({ document }) => ['/api/open-data/case', document] },
  {
    words: 'Its dates as a calendar',
    ask: ({ document, option }) => [at('calendar', { option: String(option) }), document],
  },
]

/** The case as files that other programs read. */
export function Files() {
  const question = useHandoutQuestion()
  const [separator, setSeparator] = useState<Separator>('COMMA')
  const saving = useMutation({
    mutationFn: async ({ ask }: Format) => {
      const { name, contents } = await postForFile(...ask(question, separator))
      saveFile(name, contents)
    },
  })
  const button = (format: Format) => (
    <li key={format.words} className="flex min-h-6 items-center">
      <TextButton onClick={() => saving.mutate(format)}>{format.words}</TextButton>
    </li>
  )
  return (
    <section className="mt-7" aria-labelledby="files-heading">
      <h2 id="files-heading" className="heading">
        Open formats
      </h2>
      <ul className="mt-1 flex flex-wrap gap-x-5">{WHOLE.map(button)}</ul>
      <p className="text-soft mt-2">
        As values separated by{' '}
        <Choice
          label="Separated by"
          className="text-button"
          value={separator}
          words={SEPARATOR_WORDS}
          choose={setSeparator}
        />
      </p>
      <ul className="mt-2 flex flex-wrap gap-x-5">{LISTS.map(button)}</ul>
      {saving.error && (
        <p role="alert" className="field-problem">
          {saving.error.message}
        </p>
      )}
    </section>
  )
}
