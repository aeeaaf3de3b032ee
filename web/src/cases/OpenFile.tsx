import { useMutation } from '@tanstack/react-query'
import { FileButton } from '../ui/FileButton'
import { ModalDialog } from '../ui/ModalDialog'
import { readTextFile } from '../ui/readTextFile'
import { TextButton } from '../ui/TextButton'
import { CaseFile } from './CaseFile'
import { LoanListFile } from './LoanListFile'

/** Opens a file: a case that was handed on, or a list of loans. */
export function OpenFile({ close }: { close: () => void }) {
  const opening = useMutation({ mutationFn: openedFile })
  const { data } = opening
  return (
    <ModalDialog
      title="Open a file"
      description="A case that was handed on as JSON, or a list of loans as CSV, each line a case. Nothing is kept before you have seen it."
      close={close}
    >
      <p className="mt-5 flex flex-wrap gap-x-4">
        <FileButton
          words="Choose a file…"
          accept=".json,.csv,.tsv,.txt,application/json,text/csv,text/plain"
          aria-invalid={opening.isError}
          take={(file) => opening.mutate(file)}
        />
        <span className="text-soft">{opening.variables?.name}</span>
      </p>
      {opening.error && (
        <p role="alert" className="field-problem">
          {opening.error.message}
        </p>
      )}
      {data?.holds === 'case' && <CaseFile text={data.text} close={close} />}
      {data?.holds === 'loans' && <LoanListFile text={data.text} close={close} />}
      {data === undefined && (
        <p className="mt-5">
          <TextButton onClick={close}>Cancel</TextButton>
        </p>
      )}
    </ModalDialog>
  )
}

type OpenedFile = { holds: 'case' | 'loans'; text: string }

/** What a file holds: JSON is a case, anything else a list. @throws Error in words if it is neither */
async function openedFile(file: File): Promise<OpenedFile> {
  const text = await readTextFile(file)
  if (!/^\s*[{[]/.test(text) && !file.name.toLowerCase().endsWith('.json')) return { holds: 'loans', text }
  try {
    JSON.parse(text)
  } catch {
    throw new Error(`“${file.name}” is no JSON file: save a case as JSON in its Hand-out view.`)
  }
  return { holds: 'case', text }
}
