import { useMutation, useQueryClient } from '@tanstack/react-query'
import { issuedPdf, issuedQuery, issueHandout } from '../../api/handouts'
import { saveFile } from '../../ui/saveFile'
import { useOpenCase } from '../CaseContext'
import { useSavedRevision } from '../saving/useSavedRevision'
import { useHandoutQuestion } from './useHandoutQuestion'

/** Issues the hand-out of the case as it is saved: kept, and saved as a PDF. */
export function IssueButton() {
  const { id } = useOpenCase()
  const queries = useQueryClient()
  const { titles } = useHandoutQuestion()
  const revision = useSavedRevision()
  const issuing = useMutation({
    mutationFn: async (seen: number) => {
      const made = await issueHandout(id, seen, { titles: [...titles] })
      const { name, contents } = await issuedPdf(made.id)
      saveFile(name, contents)
    },
    onSettled: () => queries.invalidateQueries({ queryKey: issuedQuery(id).queryKey }),
  })
  return (
    <>
      <button
        type="button"
        className="button"
        title="Kept with the case as it is saved now, so that it can be made again with the same figures"
        disabled={revision === null || issuing.isPending}
        onClick={() => revision !== null && issuing.mutate(revision)}
      >
        Issue as PDF
      </button>
      {issuing.error && (
        <p role="alert" className="field-problem basis-full">
          {issuing.error.message}
        </p>
      )}
    </>
  )
}
