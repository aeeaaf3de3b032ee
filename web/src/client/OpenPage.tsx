import './client.css'
import type { ClientChanges, ClientPageView, HandoutContent, Problem } from '../api/client'
import type { Entrance } from '../api/clientPage'
import { formatDay } from '../format/date'
import { ChangeSentence } from './ChangeSentence'
import { NoteForm } from './NoteForm'
import { Section } from './Section'

type OpenPageProps = {
  page: ClientPageView
  entrance: Entrance
  changes: ClientChanges
  change: (changes: ClientChanges) => void
  /** Why the figures do not follow the changes; null where they do. */
  problem: Problem | null
  /** Whether the figures are still those of earlier changes. */
  isFollowing: boolean
}

/** A client's page: what the practice advised, what they may change in it, and where they write back. */
export function OpenPage({ page, entrance, changes, change, problem, isFollowing }: OpenPageProps) {
  const { content, endsOn } = page
  const { letterhead, language } = content
  const day = formatDay(content.day, language)
  const isChanged = Object.values(changes).some((each) => each !== null)
  return (
    <>
      <title>{`${content.title} · ${letterhead.name}`}</title>
      <header className="client-letterhead">
        <div>
          <p className="font-semibold">{letterhead.name}</p>
          <p className="text-soft whitespace-pre-line">{letterhead.address}</p>
        </div>
        {letterhead.logo !== null && <img src={letterhead.logo} alt="" />}
      </header>
      <main>
        <h1 className="font-figures mt-8 text-3xl font-medium">{content.title}</h1>
        <p className="text-soft mt-1">
          {content.preparedFor !== '' && `For ${content.preparedFor}, `}
          {day}
        </p>
        {content.greeting !== '' && <p className="client-prose">{content.greeting}</p>}
        <ChangeSentence page={page} changes={changes} change={change} problem={problem} />
        <p role="status" className="sr-only">
          {isChanged && !isFollowing && problem === null && updateWords(content)}
        </p>
        <div aria-busy={isFollowing} data-stale={problem !== null || undefined} className="client-sections">
          {content.sections.map((section) => (
            <Section key={section.heading} section={section} />
          ))}
        </div>
        {content.closing !== '' && <p className="client-prose">{content.closing}</p>}
        {content.appendix.map((section) => (
          <Section key={section.heading} section={section} />
        ))}
        <NoteForm entrance={entrance} changes={changes} to={letterhead.name} />
      </main>
      <footer className="text-soft border-rule mt-10 border-t pt-4 pb-10 text-[0.8125rem]">
        {content.disclaimer !== '' && <p className="whitespace-pre-line">{content.disclaimer}</p>}
        <p className="mt-2">This page can be opened until {formatDay(endsOn, language)}.</p>
      </footer>
    </>
  )
}

/** What changed figures are announced by: the first that the page tells, such as the payment. */
function updateWords({ sections }: HandoutContent): string {
  for (const block of sections.flatMap(({ blocks }) => blocks)) {
    const fact = block.kind === 'FACTS' ? block.facts[0] : undefined
    if (fact) return `Figures updated. ${fact.label}: ${fact.value}`
  }
  return 'Figures updated.'
}
