import { useQuery } from '@tanstack/react-query'
import { letterheadQuery, templatesQuery } from '../../api/handouts'
import { useIsOwner } from '../../app/session'
import { PracticeFrame } from '../PracticeFrame'
import { LetterheadEditor } from './LetterheadEditor'
import { LetterheadText } from './LetterheadText'
import { TemplateList } from './TemplateList'

/** How the practice presents itself on what it hands out, and what its hand-outs begin with. */
export function HandoutsPage() {
  const isOwner = useIsOwner()
  const letterhead = useQuery(letterheadQuery)
  const templates = useQuery(templatesQuery)
  const error = letterhead.error ?? templates.error
  return (
    <PracticeFrame title="Hand-outs">
      {error && (
        <p role="alert" className="field-problem">
          {error.message}
        </p>
      )}
      {letterhead.data &&
        (isOwner ? (
          <LetterheadEditor seen={letterhead.data} />
        ) : (
          <LetterheadText letterhead={letterhead.data.letterhead} />
        ))}
      {templates.data && <TemplateList templates={templates.data} />}
    </PracticeFrame>
  )
}
