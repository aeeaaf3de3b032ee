import { useQuery } from '@tanstack/react-query'
import { useEffect, useRef } from 'react'
import type { QuantityView, WorkingView } from '../api/client'
import { WHOLE_OPTION, workingsQuery } from '../api/workings'
import { useOpenCase } from '../casefile/CaseContext'
import { CopyButton } from '../ui/CopyButton'
import { SidePanel } from '../ui/SidePanel'
import { CHAPTERS, FIGURE_WORDS } from './figureWords'
import { knownAs, sourceOf, type Known } from './known'
import { NAME_WORDS } from './nameWords'
import { formatQuantity } from './quantity'
import { ROUNDING_NOTES, RULE_WORDS } from './ruleWords'
import { subjectWords } from './subjectWords'
import { WishFor } from './WishFor'
import { useWorkingPanel, type Shown } from './workingPanel'
import { workingText } from './workingText'

/** How a figure came about: the rule in words, the numbers put in, the rounding, and where it goes. */
export function WorkingPanel() {
  const { trail, close } = useWorkingPanel()
  const shown = trail.at(-1)
  if (!shown) return null
  return (
    <SidePanel title={FIGURE_WORDS[shown.figure]} close={close}>
      <Opened shown={shown} />
    </SidePanel>
  )
}

function Opened({ shown: { figure, subject } }: { shown: Shown }) {
  const place = useRef<HTMLDivElement>(null)
  useEffect(() => {
    // What was pressed to come here went with the working that it belonged to.
    if (document.activeElement === document.body) place.current?.focus()
  }, [figure, subject])
  const { answered, selected, locale } = useOpenCase()
  const own = useQuery(workingsQuery(answered, selected, subject))
  const option = useQuery(workingsQuery(answered, selected, WHOLE_OPTION))
  const known: Known[] = [
    ...(own.data ?? []).map((working) => ({ working, subject })),
    ...(option.data ?? []).map((working) => ({ working, subject: WHOLE_OPTION })),
  ]
  const working = own.data?.find((each) => each.figure === figure)
  const about = subjectWords(subject, locale)
  return (
    <div ref={place} tabIndex={-1} className="outline-none">
      <Back />
      {about && <p className="text-soft mt-1 text-[0.8125rem]">{about}</p>}
      {working ? (
        <Told working={working} known={known} />
      ) : (
        <p className="text-soft mt-3">
          {own.isPending ? 'Working it out…' : 'This option has no such figure.'}
        </p>
      )}
    </div>
  )
}

function Back() {
  const { trail, back } = useWorkingPanel()
  const before = trail.at(-2)
  if (!before) return null
  return (
    <p className="mt-1 text-[0.8125rem]">
      <button type="button" className="text-act font-semibold hover:underline" onClick={back}>
        <span aria-hidden>‹ </span>
        <span className="sr-only">back to </span>
        {FIGURE_WORDS[before.figure]}
      </button>
    </p>
  )
}

type ToldProps = { working: WorkingView; known: readonly Known[] }

function Told({ working, known }: ToldProps) {
  const { locale } = useOpenCase()
  return (
    <>
      <p className="font-figures mt-1 text-3xl" data-testid="working-result">
        {formatQuantity(working.result, locale)}
      </p>
      <p className="mt-3">{RULE_WORDS[working.rule]}</p>
      <p className="formula">{working.formula}</p>
      <Numbers heading="Put in" quantities={working.inputs} working={working} known={known} />
      <Numbers heading="On the way" quantities={working.steps} working={working} known={known} />
      <p className="mt-4">{ROUNDING_NOTES[working.rounding]}</p>
      {working.source && <p className="text-soft mt-2">Source: {working.source}</p>}
      <GoesInto working={working} known={known} />
      <WishFor working={working} />
      <div className="mt-5 flex flex-wrap items-baseline gap-x-5 gap-y-2">
        <CopyButton label="Copy as text" text={() => workingText(working, locale)} />
        <a
          className="text-act font-semibold hover:underline"
          href={`/figures.html#${CHAPTERS[working.figure]}`}
          target="_blank"
          rel="noreferrer"
        >
          The rule, with an example
        </a>
      </div>
    </>
  )
}

type NumbersProps = ToldProps & { heading: string; quantities: readonly QuantityView[] }

/** The numbers of a working; one that was computed itself leads to its own. */
function Numbers({ heading, quantities, working, known }: NumbersProps) {
  const { locale } = useOpenCase()
  const follow = useWorkingPanel((panel) => panel.follow)
  if (quantities.length === 0) return null
  return (
    <>
      <h3 className="heading mt-4">{heading}</h3>
      <dl className="ledger ledger-tight">
        {quantities.map((quantity, index) => {
          const source = sourceOf(quantity, working, known)
          const text = formatQuantity(quantity, locale)
          return (
            <div key={`${quantity.name}-${index}`}>
              <dt>{NAME_WORDS[quantity.name]}</dt>
              <dd>
                {source ? (
                  <button
                    type="button"
                    className="explained"
                    aria-description={`opens how ${FIGURE_WORDS[source.working.figure].toLowerCase()} came about`}
                    onClick={() => follow({ figure: source.working.figure, subject: source.subject })}
                  >
                    {text}
                  </button>
                ) : (
                  text
                )}
              </dd>
            </div>
          )
        })}
      </dl>
    </>
  )
}

function GoesInto({ working, known }: ToldProps) {
  const follow = useWorkingPanel((panel) => panel.follow)
  const uses = working.usedIn
    .map((figure) => knownAs(figure, known))
    .filter((use): use is Known => use !== undefined)
  if (uses.length === 0) return null
  return (
    <p className="mt-2">
      Goes into{' '}
      {uses.map(({ working: { figure }, subject }, index) => (
        <span key={figure}>
          {index > 0 && ', '}
          <button
            type="button"
            className="text-act font-medium hover:underline"
            onClick={() => follow({ figure, subject })}
          >
            {FIGURE_WORDS[figure].toLowerCase()}
          </button>
        </span>
      ))}
      .
    </p>
  )
}
