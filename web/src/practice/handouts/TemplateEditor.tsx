import { useQueryClient } from '@tanstack/react-query'
import { useId } from 'react'
import type { HandoutTemplateDocument } from '../../api/client'
import { saveTemplate, templatesQuery } from '../../api/handouts'
import { DETAIL_WORDS, SCHEDULE_WORDS } from '../../handout/says'
import { LeaveOut } from '../../handout/LeaveOut'
import { Prose } from '../../handout/Prose'
import { SectionList } from '../../handout/SectionList'
import { Choice } from '../../sentence/Choice'
import { SaveBar } from '../SaveBar'
import type { Seen } from '../keptDraft'
import { useSavedDraft } from '../useSavedDraft'

const MOST_NAME_CHARACTERS = 60

type TemplateEditorProps = {
  /** The state that is edited; null for a new one. */
  seen: Seen | null
  start: HandoutTemplateDocument
  close: () => void
}

/** A template: what its hand-outs say. */
export function TemplateEditor({ seen, start, close }: TemplateEditorProps) {
  const queries = useQueryClient()
  const id = useId()
  const edited = useSavedDraft({
    kind: 'hand-out-templates',
    seen,
    start,
    save: saveTemplate,
    onSaved: async () => {
      await queries.invalidateQueries({ queryKey: templatesQuery.queryKey })
      close()
    },
  })
  const { value: template, draft } = edited
  const { says } = template
  const say = (other: HandoutTemplateDocument['says']) => draft.change({ ...template, says: other })
  return (
    <div role="group" aria-label={seen ? `Edit ${start.name}` : 'New template'} className="mt-2">
      <label htmlFor={id} className="mb-1 block font-medium">
        Name
      </label>
      <input
        id={id}
        className="field max-w-md"
        maxLength={MOST_NAME_CHARACTERS}
        value={template.name}
        onChange={(event) => draft.change({ ...template, name: event.target.value })}
      />
      <p className="sentence mt-4">
        Told{' '}
        <Choice
          label="Detail"
          value={says.detail}
          words={DETAIL_WORDS}
          choose={(detail) => say({ ...says, detail })}
        />
        , a schedule{' '}
        <Choice
          label="Schedule lines"
          value={says.scheduleBy}
          words={SCHEDULE_WORDS}
          choose={(scheduleBy) => say({ ...says, scheduleBy })}
        />
        .
      </p>
      <div className="mid:grid-cols-2 mt-4 grid grid-cols-1 gap-x-10">
        <div>
          <SectionList handout={{ says, say }} />
          <LeaveOut handout={{ says, say }} />
        </div>
        <div>
          <Prose
            label="Opening words"
            text={says.greeting}
            change={(greeting) => say({ ...says, greeting })}
          />
          <Prose label="Closing words" text={says.closing} change={(closing) => say({ ...says, closing })} />
        </div>
      </div>
      <SaveBar edited={edited} close={close} />
    </div>
  )
}
