import { useId, useState } from 'react'
import type { HandoutTemplateDocument, TemplateView } from '../../api/client'
import { templatesQuery } from '../../api/handouts'
import { useIsOwner, useSession } from '../../app/session'
import { USUAL } from '../../handout/says'
import { TextButton } from '../../ui/TextButton'
import { Bin } from '../Bin'
import { isNewOrGone, someDraftOf, type Seen } from '../keptDraft'
import { OwnersOnly } from '../OwnersOnly'
import { ReadOnly } from '../ReadOnly'
import { useDeletion } from '../useDeletion'
import { TemplateEditor } from './TemplateEditor'
import { TemplateLine } from './TemplateLine'
import { textsOf } from './templateWords'

/** The template being edited: one of the practice's, or a new one. */
type Edited = { seen: Seen | null; start: HandoutTemplateDocument }

const NEW: HandoutTemplateDocument = { name: '', says: USUAL }

/** The practice's templates, by their names: a case's hand-out begins as the first. */
export function TemplateList({ templates }: { templates: readonly TemplateView[] }) {
  const id = useId()
  const { email } = useSession()
  const isOwner = useIsOwner()
  const [edited, setEdited] = useState<Edited | null>(() =>
    someDraftOf<HandoutTemplateDocument>('hand-out-templates', email),
  )
  const deletion = useDeletion('hand-out-templates', templatesQuery.queryKey)
  return (
    <section className="mt-9" aria-labelledby={id}>
      <div className="flex flex-wrap items-baseline justify-between gap-x-6">
        <h2 id={id} className="heading">
          Templates
        </h2>
        {edited === null && (
          <OwnersOnly>
            <TextButton onClick={() => setEdited({ seen: null, start: NEW })}>Add a template</TextButton>
          </OwnersOnly>
        )}
      </div>
      {deletion.error && (
        <p role="alert" className="field-problem">
          {deletion.error.message}
        </p>
      )}
      {deletion.told}
      {edited !== null && isNewOrGone(edited.seen, templates) && (
        <TemplateEditor {...edited} close={() => setEdited(null)} />
      )}
      <ul className="border-rule mt-1 border-t" aria-labelledby={id}>
        {templates.map((kept, index) => (
          <li key={kept.id} className="border-rule border-b py-3">
            {edited?.seen?.id === kept.id && isOwner ? (
              <TemplateEditor {...edited} close={() => setEdited(null)} />
            ) : (
              <TemplateLine
                kept={kept}
                note={index === 0 ? 'cases begin with it' : null}
                edit={() => setEdited({ seen: kept, start: kept.template })}
                remove={() => deletion.ask({ id: kept.id, name: kept.template.name })}
              />
            )}
            {edited?.seen?.id === kept.id && !isOwner && (
              <ReadOnly lines={textsOf(kept.template)} close={() => setEdited(null)} />
            )}
          </li>
        ))}
      </ul>
      <Bin kind="hand-out-templates" restore={deletion.restore} />
      {templates.length === 0 && edited === null && (
        <p className="text-soft mt-2">No template yet: hand-outs hold what is usual.</p>
      )}
    </section>
  )
}
