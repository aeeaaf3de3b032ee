import { useMutation, useQuery } from '@tanstack/react-query'
import { issuedPdf, issuedQuery } from '../../api/handouts'
import { formatMoment } from '../../format/moment'
import { saveFile } from '../../ui/saveFile'
import { TextButton } from '../../ui/TextButton'
import { useOpenCase } from '../CaseContext'

/** The hand-outs that were issued: each can be made again as it was. */
export function IssuedList() {
  const { id } = useOpenCase()
  const issued = useQuery(issuedQuery(id))
  const saving = useMutation({
    mutationFn: async (issuedId: string) => {
      const { name, contents } = await issuedPdf(issuedId)
      saveFile(name, contents)
    },
  })
  const error = saving.error ?? issued.error
  return (
    <section className="mt-7" aria-labelledby="issued-heading">
      <h2 id="issued-heading" className="heading">
        Issued
      </h2>
      {error && (
        <p role="alert" className="field-problem">
          {error.message}
        </p>
      )}
      {issued.data?.length === 0 ? (
        <p className="text-soft mt-1">
          Nothing yet. What is issued is kept, and can be made again with the same figures.
        </p>
      ) : (
        <ul className="border-rule mt-1 border-t" aria-label="Issued hand-outs">
          {issued.data?.map((kept) => (
            <li key={kept.id} className="border-rule border-b py-1.5">
              <span className="flex items-baseline justify-between gap-x-4">
                {formatMoment(kept.issuedAt, new Date())}
                <TextButton onClick={() => saving.mutate(kept.id)}>
                  PDF
                  <span className="sr-only">
                    {' '}
                    of {formatMoment(kept.issuedAt, new Date())}, as it was issued
                  </span>
                </TextButton>
              </span>
              <span className="text-soft block text-[0.8125rem]">
                {kept.preparedFor && `for ${kept.preparedFor}, `}by {kept.issuedBy}, version{' '}
                {kept.programVersion}
              </span>
            </li>
          ))}
        </ul>
      )}
    </section>
  )
}
