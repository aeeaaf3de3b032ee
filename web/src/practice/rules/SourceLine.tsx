import { readDay } from '../../entry/date'
import { someName } from '../../entry/name'
import { pageLocale } from '../../format/pageLocale'
import { formatDay } from '../../format/date'
import { Figure } from '../../sentence/Figure'
import type { AnyRule } from './rule'

const MOST_SOURCE_CHARACTERS = 200

type SourceLineProps = {
  rule: AnyRule
  change: (fields: Partial<Pick<AnyRule, 'source' | 'day'>>) => void
}

/** Where a rule's figures come from, and of which day they are. */
export function SourceLine({ rule: { source, day }, change }: SourceLineProps) {
  const locale = pageLocale()
  return (
    <p className="set-line">
      From{' '}
      <Figure
        label="Source"
        pointer="/source"
        text={source}
        read={someName(MOST_SOURCE_CHARACTERS)}
        take={(text) => change({ source: text })}
        after=","
      />{' '}
      <Figure
        label="Day of the source"
        pointer="/day"
        text={formatDay(day, locale)}
        read={(text) => readDay(text, locale)}
        take={(read) => change({ day: read })}
        after="."
      />
    </p>
  )
}
