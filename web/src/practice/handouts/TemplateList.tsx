import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useId, useState } from 'react'
import type { HandoutTemplateDocument, TemplateView } from '../../api/client'
import { deleteTemplate, saveTemplate, templatesQuery } from '../../api/handouts'
import { DETAIL_WORDS, leftOutWords, SECTION_WORDS, USUAL } from '../../handout/says'
import { TextButton } from '../../ui/TextButton'
import { LineActions } from '../LineActions'
import { OwnersOnly } from '../OwnersOnly'
import { TemplateEditor } from './TemplateEditor'

const NEW: HandoutTemplateDocument = { name: '', says: USUAL }

/** The practice's templates, by their names: a case's hand-out begins as the first. */
export function TemplateList({ templates }: { templates: readonly TemplateView[] }) {
  const queries = useQueryClient()
  const id = useId()
  const [edited, setEdited] = useState<TemplateView | 'new' | null>(null)
  const refresh = () => queries.invalidateQueries({ queryKey: templatesQuery.queryKey })
  const deleting = useMutation({
    mutationFn: (kept: TemplateView) => deleteTemplate(kept.id),
    onSettled: refresh,
  })
  const restoring = useMutation({
    mutationFn: (kept: TemplateView) => saveTemplate(null, kept.template),
    onSuccess: () => deleting.reset(),
    onSettled: refresh,
  })
  const error = deleting.error ?? restoring.error
  return (
    <section className="mt-9" aria-labelledby={id}>
      <div className="flex flex-wrap items-baseline justify-between gap-x-6">
        <h2 id={id} className="heading">
          Templates
        </h2>
        {edited === null && (
          <OwnersOnly>
            <TextButton onClick={() => setEdited('new')}>Add a template</TextButton>
          </OwnersOnly>
        )}
      </div>
      {error && (
        <p role="alert" className="field-problem">
          {error.message}
        </p>
      )}
      {deleting.isSuccess && (
        <p role="status" className="mt-3">
          {deleting.variables.template.name} is deleted.{' '}
          <TextButton onClick={() => restoring.mutate(deleting.variables)}>Undo</TextButton>
        </p>
      )}
      {edited === 'new' && <TemplateEditor seen={null} start={NEW} close={() => setEdited(null)} />}
      <ul className="border-rule mt-1 border-t" aria-labelledby={id}>
        {templates.map((kept, index) => (
          <li key={kept.id} className="border-rule border-b py-3">
            {edited !== 'new' && edited?.id === kept.id ? (
              <TemplateEditor seen={kept} start={kept.template} close={() => setEdited(null)} />
            ) : (
              <div className="flex flex-wrap items-baseline justify-between gap-x-6">
                <span>
                  <b className="font-semibold">{kept.template.name}</b>
                  {index === 0 && <span className="note">cases begin with it</span>}
                  <span className="text-soft block">{wordsOf(kept.template)}</span>
                </span>
                <LineActions
                  name={kept.template.name}
                  edit={() => setEdited(kept)}
                  remove={() => deleting.mutate(kept)}
                />
              </div>
            )}
          </li>
        ))}
      </ul>
      {templates.length === 0 && edited === null && (
        <p className="text-soft mt-2">No template yet: hand-outs hold what is usual.</p>
      )}
    </section>
  )
}

function wordsOf({ says }: HandoutTemplateDocument): string {
  const sections = says.sections.map((kind) => SECTION_WORDS[kind].toLowerCase()).join(', ')
  const leftOut = leftOutWords(says)
  return `${DETAIL_WORDS[says.detail]}: ${sections}${leftOut === '' ? '' : `; without ${leftOut}`}`
}
