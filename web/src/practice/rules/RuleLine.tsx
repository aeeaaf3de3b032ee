import { formatDay } from '../../format/date'
import { pageLocale } from '../../format/pageLocale'
import { ItemHistory } from '../ItemHistory'
import { KeptLine } from '../KeptLine'
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
  return (
    <KeptLine
      name={name}
      heading={<h3 className="text-base font-semibold">{name}</h3>}
      edit={edit}
      remove={remove}
      history={<RuleHistory kind={kind} kept={kept} />}
    >
      <p className="text-soft">{kind.summary(kept.rule)}.</p>
      <p className="text-soft text-xs">
        {source}, {formatDay(day, pageLocale())}.{kept.isPublic && ' Check before use.'}
      </p>
    </KeptLine>
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
