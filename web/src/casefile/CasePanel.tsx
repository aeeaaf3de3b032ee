import { TextButton } from '../ui/TextButton'
import { useEffect, useRef, useState } from 'react'
import { InPanel, usePanel, type PanelView } from '../panel/panelStore'
import { SidePanel } from '../ui/SidePanel'
import { FIGURE_WORDS } from '../working/figureWords'
import { Working } from '../working/Working'
import { useOpenCase } from './CaseContext'
import { useOption } from './OptionContext'
import { Costs } from './loan/Costs'
import { OwnEntries } from '../field/OwnEntries'
import { CreditWays } from './options/CreditWays'
import { FromRates } from './options/FromRates'
import { Targets } from './target/Targets'

/** The panel beside a case: costs and conventions, a target, or how a figure is calculated. */
export function CasePanel() {
  const { trail, openings, close } = usePanel()
  // It closes with the case: it speaks of this case alone.
  useEffect(() => close, [close])
  const view = trail.at(-1)
  return view && <OpenPanel key={openings} view={view} />
}

function OpenPanel({ view }: { view: PanelView }) {
  const { dismiss, close } = usePanel()
  const [side] = useState(() => (view.kind === 'working' ? sideAwayFrom(document.activeElement) : 'right'))
  const place = useRef<HTMLDivElement>(null)
  useEffect(() => {
    // What was pressed to come here went with the view that it belonged to.
    if (document.activeElement === document.body) place.current?.focus()
  }, [view])
  return (
    <SidePanel title={titleOf(view)} side={side} dismiss={dismiss} close={close}>
      <InPanel value>
        <div ref={place} tabIndex={-1} className="outline-none">
          <Back />
          <Content view={view} />
        </div>
      </InPanel>
    </SidePanel>
  )
}

/** As wide as the panel, with some air. */
const ROOM_PX = 390

/** The left where the panel at the right would cover a figure that it explains, and one at the left would not. */
function sideAwayFrom(figure: Element | null): 'left' | 'right' {
  if (!figure || figure === document.body) return 'right'
  const { left, right } = figure.getBoundingClientRect()
  return right > window.innerWidth - ROOM_PX && left > ROOM_PX ? 'left' : 'right'
}

function Content({ view }: { view: PanelView }) {
  const { locale } = useOpenCase()
  const { answered } = useOption()
  switch (view.kind) {
    case 'costs':
      return <Costs />
    case 'rates':
      return (
        <OwnEntries>
          <FromRates />
        </OwnEntries>
      )
    case 'credit':
      return (
        <OwnEntries>
          <CreditWays />
        </OwnEntries>
      )
    case 'target':
      return <Targets text={view.text} />
    case 'working':
      return <Working {...view} answered={answered} locale={locale} />
  }
}

function titleOf(view: PanelView): string {
  switch (view.kind) {
    case 'costs':
      return 'Costs and conventions'
    case 'rates':
      return 'From the rate table'
    case 'credit':
      return 'Seller credit, three ways'
    case 'target':
      return 'Target'
    case 'working':
      return FIGURE_WORDS[view.figure]
  }
}

function Back() {
  const { trail, back } = usePanel()
  const before = trail.at(-2)
  if (!before) return null
  return (
    <p className="mt-1 text-[0.8125rem]">
      <TextButton onClick={back}>
        <span aria-hidden>‹ </span>
        <span className="sr-only">back to </span>
        {titleOf(before)}
      </TextButton>
    </p>
  )
}
