import { useMemo, type ReactNode } from 'react'
import type { OptionDocument } from '../api/client'
import { ShownContext } from '../answer/current'
import { useOpenCase } from './CaseContext'
import { baselineOf } from './option'
import { OptionContext, type OpenOption } from './OptionContext'
import { figuresOf } from './optionFigures'
import type { Figures } from './useFigures'

type OptionScopeProps = { option: OptionDocument; figures: Figures; children: ReactNode }

/** What stands below is about this option. */
export function OptionScope({ option, figures, children }: OptionScopeProps) {
  const { store, document, staleness } = useOpenCase()
  const baseline = baselineOf(document)
  const { answered, evaluation, headlines } = figures
  const scope = useMemo<OpenOption>(() => {
    const own = figuresOf(option, answered, evaluation)
    return {
      option,
      at: `/options/${option.id}`,
      baseline,
      isBaseline: option.id === baseline.id,
      figures: own.figures,
      answered: { document: answered, index: own.index },
      headlines,
      change: (how) => store.changeOption(option.id, how),
      apply: (how) => {
        store.changeOption(option.id, how)
        store.settle()
      },
    }
  }, [option, baseline, answered, evaluation, headlines, store])
  const shown = useMemo(() => ({ document, option: option.id, staleness }), [document, option.id, staleness])
  return (
    <OptionContext value={scope}>
      <ShownContext value={shown}>{children}</ShownContext>
    </OptionContext>
  )
}
