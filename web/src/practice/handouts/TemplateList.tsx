import { useId, useState } from 'react'
import type { HandoutTemplateDocument, TemplateView } from '../../api/client'
import { templatesQuery } from '../../api/handouts'
import { useIsOwner, useSession } from '../../app/session'
import { DETAIL_WORDS, leftOutWords, SECTION_WORDS, USUAL } from '../../handout/says'
import { TextButton } from '../../ui/TextButton'
import { LineActions } from '../LineActions'
import { Bin } from '../Bin'
import { isNewOrGone, someDraftOf, type Seen } from '../keptDraft'
import { OwnersOnly } from '../OwnersOnly'
import { ReadOnly } from '../ReadOnly'
import { useDeletion } from '../useDeletion'
import { TemplateEditor } from './TemplateEditor'

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
              <div className="flex flex-wrap items-baseline justify-between gap-x-6">
                <span>
                  <b className="font-semibold">{kept.template.name}</b>
                  {index === 0 && <span className="note">cases begin with it</span>}
                  <span className="text-soft block">{wordsOf(kept.template)}</span>
                </span>
                <LineActions
                  name={kept.template.name}
                  edit={() => setEdited({ seen: kept, start: kept.template })}
                  remove={() => deletion.ask({ id: kept.id, name: kept.template.name })}
                />
              </div>
            )}
            {edited?.seen?.id === kept.id && !isOwner && (
              <ReadOnly lines={linesOf(kept.template)} close={() => setEdited(null)} />
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

function wordsOf({ says }: HandoutTemplateDocument): string {
  const sections = says.sections.map((kind) => SECTION_WORDS[kind].toLowerCase()).join(', ')
  const leftOut = leftOutWords(says)
  return `${DETAIL_WORDS[says.detail]}: ${sections}${leftOut === '' ? '' : `; without ${leftOut}`}`
}

const linesOf = ({ says }: HandoutTemplateDocument) =>
  [says.greeting, says.closing].filter((text): text is string => text !== null)
