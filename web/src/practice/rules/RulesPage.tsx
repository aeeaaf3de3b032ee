import { useQuery } from '@tanstack/react-query'
import { useState, type ReactNode } from 'react'
import { rateTablesQuery } from '../../api/rates'
import { useIsOwner, useSession } from '../../app/session'
import { MARKETS, type Market } from '../../format/market'
import { Bin } from '../Bin'
import { isNewOrGone, someDraftOf } from '../keptDraft'
import { OwnersOnly } from '../OwnersOnly'
import { ReadOnly } from '../ReadOnly'
import { PracticeFrame } from '../PracticeFrame'
import { useDeletion } from '../useDeletion'
import { MarketMenu } from './MarketMenu'
import type { AnyRule, EditorProps, KeptRule, RuleKind } from './rule'
import { RuleLine } from './RuleLine'
import './rules-page.css'

const ALL_MARKETS = Object.keys(MARKETS) as Market[]

/** The rule being edited: one of the practice's, or a new one. */
type Edited<D> = Pick<EditorProps<D>, 'seen' | 'start'>

type RulesPageProps<D> = {
  kind: RuleKind<D>
  /** What else can be begun with. */
  actions?: ReactNode
  /** What came of it. */
  told?: ReactNode
}

/** The practice's rules of one kind, by their markets. */
export function RulesPage<D extends AnyRule>({ kind, actions, told }: RulesPageProps<D>) {
  const all = kind.useAll()
  // The day it is where the practice works comes with its rates.
  const today = useQuery(rateTablesQuery).data?.today ?? ''
  const { email } = useSession()
  const [edited, setEdited] = useState<Edited<D> | null>(() => someDraftOf<D>(kind.kind, email))
  const deletion = useDeletion(kind.kind, kind.queryKey)
  const close = () => setEdited(null)
  const error = all.error ?? deletion.error
  return (
    <PracticeFrame title={kind.title}>
      <div className="mt-5 flex flex-wrap items-baseline justify-between gap-x-6 gap-y-1">
        <p className="text-soft max-w-2xl">{kind.intro}</p>
        {edited === null && today !== '' && (
          <OwnersOnly>
            <span className="flex flex-wrap gap-x-5">
              <MarketMenu
                words={kind.addWords}
                choose={(market) => setEdited({ seen: null, start: kind.begin(market, today) })}
              />
              {actions}
            </span>
          </OwnersOnly>
        )}
      </div>
      {error && (
        <p role="alert" className="field-problem">
          {error.message}
        </p>
      )}
      {told}
      {deletion.told}
      {edited !== null && isNewOrGone(edited.seen, all.data) && kind.editor({ ...edited, close })}
      {ALL_MARKETS.map((market) => (
        <RulesOfMarket
          key={market}
          kind={kind}
          market={market}
          rules={all.data?.filter(({ rule }) => rule.market === market) ?? []}
          edited={edited}
          edit={(kept) => setEdited({ seen: kept, start: kept.rule })}
          remove={({ id, rule }) => deletion.ask({ id, name: rule.name })}
          close={close}
        />
      ))}
      <Bin kind={kind.kind} restore={deletion.restore} />
      {all.data?.length === 0 && edited === null && <p className="font-figures mt-6 text-xl">{kind.empty}</p>}
    </PracticeFrame>
  )
}

type RulesOfMarketProps<D> = {
  kind: RuleKind<D>
  market: Market
  rules: readonly KeptRule<D>[]
  edited: Edited<D> | null
  edit: (kept: KeptRule<D>) => void
  remove: (kept: KeptRule<D>) => void
  close: () => void
}

function RulesOfMarket<D extends AnyRule>({
  kind,
  market,
  rules,
  edited,
  edit,
  remove,
  close,
}: RulesOfMarketProps<D>) {
  const isOwner = useIsOwner()
  if (rules.length === 0) return null
  return (
    <section aria-labelledby={`rules-${market}`} className="mt-6">
      <h2 id={`rules-${market}`} className="heading">
        {MARKETS[market].name}
      </h2>
      <ul aria-label={`${kind.title}, ${MARKETS[market].name}`}>
        {rules.map((kept) => (
          <li key={kept.id} className="border-rule border-b py-3">
            {edited?.seen?.id === kept.id && isOwner ? (
              kind.editor({ ...edited, close })
            ) : (
              <RuleLine kind={kind} kept={kept} edit={() => edit(kept)} remove={() => remove(kept)} />
            )}
            {edited?.seen?.id === kept.id && !isOwner && (
              <ReadOnly lines={kind.lines(kept.rule)} close={close} />
            )}
          </li>
        ))}
      </ul>
    </section>
  )
}
