import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { letterheadQuery, templatesQuery } from '../../api/handouts'
import { useIsOwner } from '../../app/session'
import { PracticeFrame } from '../PracticeFrame'
import { LetterheadEditor } from './LetterheadEditor'
import { LetterheadHistory } from './LetterheadHistory'
import { LetterheadText } from './LetterheadText'
import { TemplateList } from './TemplateList'

/** How the practice presents itself on what it hands out, and what its hand-outs begin with. */
export function HandoutsPage() {
  const isOwner = useIsOwner()
  const letterhead = useQuery(letterheadQuery)
  const templates = useQuery(templatesQuery)
  // The editor goes on from what was brought back, but not from each state that it saves itself.
  const [broughtBack, setBroughtBack] = useState(0)
  const revision = letterhead.data?.revision ?? null
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
          <LetterheadEditor key={broughtBack} seen={letterhead.data} />
        ) : (
          <LetterheadText letterhead={letterhead.data.letterhead} />
        ))}
      {revision !== null && (
        <LetterheadHistory revision={revision} broughtBack={() => setBroughtBack((times) => times + 1)} />
      )}
      {templates.data && <TemplateList templates={templates.data} />}
    </PracticeFrame>
  )
}
