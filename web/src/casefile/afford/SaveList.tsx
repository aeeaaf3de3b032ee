import { useMutation } from '@tanstack/react-query'
import { postForFile } from '../../api/files'
import { saveFile } from '../../ui/saveFile'
import { TextButton } from '../../ui/TextButton'
import { useOpenCase } from '../CaseContext'

/** Saves what people earn or owe as a list that is read back as it is: the file that the case's data files hold too. */
export function SaveList({ address, words }: { address: 'incomes' | 'debts'; words: string }) {
  const { document } = useOpenCase()
  const saving = useMutation({
    mutationFn: async () => {
      const { name, contents } = await postForFile(`/api/open-data/${address}`, document)
      saveFile(name, contents)
    },
  })
  return (
    <>
      <TextButton onClick={() => saving.mutate()}>{words}</TextButton>
      {saving.error && (
        <p role="alert" className="field-problem">
          {saving.error.message}
        </p>
      )}
    </>
  )
}
