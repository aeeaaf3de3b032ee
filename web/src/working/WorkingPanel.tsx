import { useQuery } from '@tanstack/react-query'
import type { QuantityView, WorkingView } from '../api/client'
import { workingsQuery } from '../api/answers'
import { useOpenCase } from '../casefile/CaseContext'
import { useWishPanel } from '../casefile/wish/wishPanel'
import { CopyButton } from '../ui/CopyButton'
import { SidePanel } from '../ui/SidePanel'
import { formatQuantity } from './quantity'
import { CHAPTERS, FIGURE_WORDS, NAME_WORDS, ROUNDING_NOTES, RULE_WORDS, type FigureName } from './words'
import { useWorkingPanel } from './workingPanel'
import { workingText } from './workingText'

/** How a figure came about: the rule in words, the numbers put in, the rounding, and where it goes. */
export function WorkingPanel() {
  const { figure, close } = useWorkingPanel()
  if (figure === null) return null
  return (
    <SidePanel title={FIGURE_WORDS[figure]} close={close}>
      <Opened />
    </SidePanel>
  )
}

function Opened() {
  const { answered, selected, locale } = useOpenCase()
  const { figure, line } = useWorkingPanel()
  const workings = useQuery(workingsQuery(answered, selected, isOfLine(figure) ? line : null))
  const working = workings.data?.find((each) => each.figure === figure)
  if (!working) {
    return (
      <p className="text-soft mt-3">
        {workings.isPending ? 'Working it out…' : 'This option has no such figure.'}
      </p>
    )
  }
  return (
    <>
      <p className="font-figures mt-1 text-3xl" data-testid="working-result">
        {formatQuantity(working.result, locale)}
      </p>
      <p className="mt-3">{RULE_WORDS[working.rule]}</p>
      <p className="formula">{working.formula}</p>
      <Numbers heading="Put in" quantities={working.inputs} />
      <Numbers heading="On the way" quantities={working.steps} />
      <p className="mt-4">{ROUNDING_NOTES[working.rounding]}</p>
      {working.source && <p className="text-soft mt-2">Source: {working.source}</p>}
      <GoesInto working={working} />
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

/** Whether a figure is one of the schedule's lines. */
const isOfLine = (figure: FigureName | null) => figure?.startsWith('LINE_') ?? false

/** What a figure that clients set limits to is wished to stay within. */
const WISHES: Partial<Record<FigureName, (written: string) => string>> = {
  HOUSING_COST: (result) => `at most ${result} a month`,
  PAYOFF_DATE: (day) => `paid off by ${day}`,
  TOTAL_INTEREST: (result) => `at most ${result} interest`,
}

/** Leads from a figure to what would bring another one about. */
function WishFor({ working }: { working: WorkingView }) {
  const { locale } = useOpenCase()
  const openWish = useWishPanel((panel) => panel.open)
  const close = useWorkingPanel((panel) => panel.close)
  const wish = WISHES[working.figure]
  if (!wish) return null
  const text = formatQuantity(working.result, locale)
  return (
    <p className="mt-2">
      <button
        type="button"
        className="text-act font-semibold hover:underline"
        onClick={() => {
          close()
          openWish(wish(text))
        }}
      >
        Wish for another
      </button>
    </p>
  )
}

function Numbers({ heading, quantities }: { heading: string; quantities: readonly QuantityView[] }) {
  const { locale } = useOpenCase()
  if (quantities.length === 0) return null
  return (
    <>
      <h3 className="heading mt-4">{heading}</h3>
      <dl className="ledger ledger-tight">
        {quantities.map((quantity, index) => (
          <div key={`${quantity.name}-${index}`}>
            <dt>{NAME_WORDS[quantity.name]}</dt>
            <dd>{formatQuantity(quantity, locale)}</dd>
          </div>
        ))}
      </dl>
    </>
  )
}

function GoesInto({ working }: { working: WorkingView }) {
  const { open, line } = useWorkingPanel()
  if (working.usedIn.length === 0) return null
  return (
    <p className="mt-2">
      Goes into{' '}
      {working.usedIn.map((figure, index) => (
        <span key={figure}>
          {index > 0 && ', '}
          <button
            type="button"
            className="text-act font-medium hover:underline"
            onClick={() => open(figure, line)}
          >
            {FIGURE_WORDS[figure].toLowerCase()}
          </button>
        </span>
      ))}
      .
    </p>
  )
}
