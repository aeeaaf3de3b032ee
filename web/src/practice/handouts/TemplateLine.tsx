import { useQuery } from '@tanstack/react-query'
import type { TemplateView } from '../../api/client'
import { saveTemplate, templatesQuery, templateStatesQuery } from '../../api/handouts'
import { ItemHistory } from '../ItemHistory'
import { KeptLine } from '../KeptLine'
import { templateLines, wordsOf } from './templateWords'

type TemplateLineProps = { kept: TemplateView; note: string | null; edit: () => void; remove: () => void }

/** A template in short, and its history. */
export function TemplateLine({ kept, note, edit, remove }: TemplateLineProps) {
  const { name } = kept.template
  return (
    <KeptLine
      name={name}
      heading={
        <div>
          <h3 className="inline font-semibold">{name}</h3>
          {note !== null && <span className="note">{note}</span>}
        </div>
      }
      edit={edit}
      remove={remove}
      history={<TemplateHistory kept={kept} />}
    >
      <p className="text-soft">{wordsOf(kept.template)}</p>
    </KeptLine>
  )
}

function TemplateHistory({ kept }: { kept: TemplateView }) {
  return (
    <ItemHistory
      name={kept.template.name}
      states={useQuery(templateStatesQuery(kept))}
      lines={({ template }) => templateLines(template)}
      bringBack={({ template }) => saveTemplate(kept, template)}
      queryKey={templatesQuery.queryKey}
    />
  )
}
