import { useMutation } from '@tanstack/react-query'
import { postForFile } from '../api/files'
import type { LoanList } from '../api/loanLists'
import { saveFile } from '../ui/saveFile'
import { TextButton } from '../ui/TextButton'

/** Saves the lines that cannot be read, each with what is wrong, as a list to fix and import again. */
export function FaultyLines({ list }: { list: LoanList }) {
  const saving = useMutation({
    mutationFn: async () => {
      const { contents } = await postForFile('/api/loan-lists/faulty', list)
      saveFile('Faulty lines.csv', contents)
    },
  })
  return (
    <p className="mt-2">
      <TextButton onClick={() => saving.mutate()}>Save the faulty lines as CSV</TextButton>
      {saving.error && (
        <span role="alert" className="field-problem">
          {saving.error.message}
        </span>
      )}
    </p>
  )
}
