import { useState } from 'react'
import { formatDay } from '../../format/date'
import { pageLocale } from '../../format/pageLocale'
import { HistoryButton } from '../HistoryButton'
import { ItemHistory } from '../ItemHistory'
import { LineActions } from '../LineActions'
import type { AnyRule, KeptRule, RuleKind } from './rule'

type RuleLineProps<D> = {
  kind: RuleKind<D>
  kept: KeptRule<D>
  edit: () => void
  remove: () => void
}

/** A rule in a few lines: what it asks, where its figures come from, and its history. */
export function RuleLine<D extends AnyRule>({ kind, kept, edit, remove }: RuleLineProps<D>) {
  const { name, source, day } = kept.rule
  const [isHistory, setIsHistory] = useState(false)
  return (
    <>
      <div className="flex flex-wrap items-baseline justify-between gap-x-6 gap-y-1">
        <h3 className="text-base font-semibold">{name}</h3>
        <LineActions name={name} edit={edit} remove={remove}>
          <HistoryButton name={name} isOpen={isHistory} toggle={() => setIsHistory(!isHistory)} />
        </LineActions>
      </div>
      <p className="text-soft">{kind.summary(kept.rule)}.</p>
      <p className="text-soft text-xs">
        {source}, {formatDay(day, pageLocale())}.{kept.isPublic && ' Check before use.'}
      </p>
      {isHistory && <RuleHistory kind={kind} kept={kept} />}
    </>
  )
}

function RuleHistory<D extends AnyRule>({ kind, kept }: { kind: RuleKind<D>; kept: KeptRule<D> }) {
  return (
    <ItemHistory
      name={kept.rule.name}
      states={kind.useStates(kept)}
      lines={({ rule }) => kind.lines(rule)}
      bringBack={({ rule }) => kind.save(kept, rule)}
      queryKey={kind.queryKey}
    />
  )
}
