import { useQuery } from '@tanstack/react-query'
import type { HandoutDocument, TemplateView } from '../../api/client'
import { templatesQuery } from '../../api/handouts'
import { useOpenCase } from '../CaseContext'
import { usualOf } from '../../handout/says'

export type Handout = {
  says: HandoutDocument
  templates: readonly TemplateView[]
  /** Says something else, as a step that is undone by itself. */
  say: (says: HandoutDocument) => void
}

/** What the case's hand-out says; null until the practice's templates are known. */
export function useHandout(): Handout | null {
  const { store, document } = useOpenCase()
  const templates = useQuery(templatesQuery).data
  if (!templates) return null
  return {
    says: document.handout ?? usualOf(templates),
    templates,
    say: (handout) => {
      store.changeDocument({ handout })
      store.settle()
    },
  }
}
