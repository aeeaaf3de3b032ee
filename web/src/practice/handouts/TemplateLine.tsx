import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import type { TemplateView } from '../../api/client'
import { saveTemplate, templatesQuery, templateStatesQuery } from '../../api/handouts'
import { HistoryButton } from '../HistoryButton'
import { ItemHistory } from '../ItemHistory'
import { LineActions } from '../LineActions'
import { templateLines, wordsOf } from './templateWords'

type TemplateLineProps = { kept: TemplateView; note: string | null; edit: () => void; remove: () => void }

/** A template in two lines, and its history. */
export function TemplateLine({ kept, note, edit, remove }: TemplateLineProps) {
  const { name } = kept.template
  const [isHistory, setIsHistory] = useState(false)
  return (
    <>
      <div className="mid:flex-nowrap flex flex-wrap items-baseline justify-between gap-x-6">
        <span>
          <b className="font-semibold">{name}</b>
          {note !== null && <span className="note">{note}</span>}
          <span className="text-soft block">{wordsOf(kept.template)}</span>
        </span>
        <LineActions name={name} edit={edit} remove={remove}>
          <HistoryButton name={name} isOpen={isHistory} toggle={() => setIsHistory(!isHistory)} />
        </LineActions>
      </div>
      {isHistory && <TemplateHistory kept={kept} />}
    </>
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
