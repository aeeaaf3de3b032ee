import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import { useStore } from 'zustand'
import { postForFile } from '../../api/files'
import type { HandoutQuestion } from '../../api/handouts'
import { Choice } from '../../sentence/Choice'
import { saveFile } from '../../ui/saveFile'
import { TextButton } from '../../ui/TextButton'
import { useOpenCase } from '../CaseContext'
import { selectedOf } from '../caseStore'
import { titleOf } from '../differences'
import { baselineOf } from '../option'
import { useHandoutQuestion } from './useHandoutQuestion'

const SEPARATOR_WORDS = { COMMA: 'commas', SEMICOLON: 'semicolons', TAB: 'tabs' } as const
type Separator = keyof typeof SEPARATOR_WORDS

/** What a file is made of beside the case. */
type Chosen = { separator: Separator; option: number; caseId: string }

type Format = {
  words: string
  /** Its address and what is sent there. */
  ask: (question: HandoutQuestion, chosen: Chosen) => [address: string, body: unknown]
}

const at = (address: string, parameters: Record<string, string>) =>
  `/api/open-data/${address}?${new URLSearchParams(parameters).toString()}`

const LISTS: readonly Format[] = [
  {
    words: 'Schedule',
    ask: ({ document }, { separator, option }) => [
      at('schedule', { option: String(option), separator }),
      document,
    ],
  },
  {
    words: 'Options',
    ask: ({ document, titles }, { separator }) => [at('options', { separator }), { document, titles }],
  },
  { words: 'Incomes', ask: ({ document }, { separator }) => [at('incomes', { separator }), document] },
  { words: 'Debts', ask: ({ document }, { separator }) => [at('debts', { separator }), document] },
]

const WHOLE: readonly Format[] = [
  {
    words: 'A workbook with live formulas',
    ask: ({ document, titles }) => ['/api/workbooks', { document, titles }],
  },
  { words: 'The case as JSON', ask: ({ document }) => ['/api/open-data/case', document] },
  {
    words: 'Its dates as a calendar',
    ask: ({ document, titles }, { caseId, option }) => [
      at('calendar', { caseId, option: String(option) }),
      { document, titles },
    ],
  },
]

/** The case as files that other programs read. */
export function Files() {
  const question = useHandoutQuestion()
  const { id: caseId, store, document, locale, words } = useOpenCase()
  const { id: optionId } = useStore(store.store, selectedOf)
  const [separator, setSeparator] = useState<Separator>('COMMA')
  const saving = useMutation({
    mutationFn: async ({ ask }: Format) => {
      const { name, contents } = await postForFile(...ask(question, { separator, option, caseId }))
      saveFile(name, contents)
    },
  })
  const baseline = baselineOf(document)
  const option = document.options.findIndex(({ id }) => id === optionId)
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
        {document.options.length > 1 && (
          <>
            . Schedule and calendar of{' '}
            <Choice
              label="Schedule and calendar of"
              className="text-button"
              value={optionId}
              words={Object.fromEntries(
                document.options.map((each) => [each.id, titleOf(baseline, each, locale, words)]),
              )}
              choose={store.select}
            />
          </>
        )}
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
