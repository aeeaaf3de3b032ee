import type { ExtraDocument } from '../../api/client'
import { readAmount } from '../../entry/amount'
import { readEnd, type Time } from '../../entry/time'
import { read, type Reading } from '../../entry/reading'
import { formatEntry } from '../../format/amount'
import { Choice } from '../../sentence/Choice'
import { Figure } from '../../sentence/Figure'
import { useOpenCase } from '../CaseContext'
import { withExtra, withoutExtra, type How } from '../clauses'
import { withFields } from '../option'
import { EXTRA_EFFECT_WORDS } from '../words'
import { EXTRA_STEP_CENTS, notNegative } from './steps'
import { TimeFigure } from './TimeFigure'
import { endText, firstOf, lastOf, onceAt } from './timeText'
import { useWas } from './useWas'

const HOW_WORDS: Record<How, string> = {
  ONCE: 'once',
  EACH_PAYMENT: 'with each payment',
  EACH_YEAR: 'once a year',
}

type ExtraClauseProps = { extra: ExtraDocument; index: number; after: string }

/** Plus 200 with each payment from March 2028 until the end. */
export function ExtraClause({ extra, index, after }: ExtraClauseProps) {
  const { store, at } = useOpenCase()
  const here = `${at}/extras/${index}`
  const first = { payment: extra.firstPayment, day: extra.firstDay }
  const was = useWas()((baseline) => baseline.extras[index] ?? null)
  return (
    <>
      plus{' '}
      <Figure
        label="Extra payment"
        pointer={here}
        also={[`${here}/cents`]}
        text={formatEntry(extra.cents)}
        was={was === undefined ? undefined : was === null ? '' : formatEntry(was.cents)}
        read={readAmount}
        take={(cents) => store.changeOption(withExtra(index, { cents }))}
        clear={() => store.changeOption(withoutExtra(index))}
        nudge={(steps) =>
          store.changeOption(withExtra(index, { cents: notNegative(extra.cents + steps * EXTRA_STEP_CENTS) }))
        }
      />{' '}
      <Choice
        label="How often the extra is paid"
        value={extra.how}
        was={was?.how}
        words={HOW_WORDS}
        choose={(how) => {
          const once = how === 'ONCE' ? { lastPayment: null, lastDay: null } : {}
          store.changeOption(withExtra(index, { how, ...once }))
          store.settle()
        }}
      />{' '}
      {extra.how === 'ONCE' ? onceAt(first) : 'from'}{' '}
      <TimeFigure
        label="When the extra is first paid"
        pointer={`${here}/firstDay`}
        also={[`${here}/firstPayment`]}
        time={first}
        was={was && { payment: was.firstPayment, day: was.firstDay }}
        take={(time) => store.changeOption(withExtra(index, firstOf(time)))}
        after={extra.how === 'ONCE' ? after : ''}
      />
      {extra.how !== 'ONCE' && (
        <>
          {' '}
          until <UntilFigure extra={extra} index={index} after={after} />
        </>
      )}
    </>
  )
}

const NO_END = { payment: null, day: null }

/** Where an extra stops: a point, or the end of the loan. */
function readUntil(text: string, locale: string): Reading<Time | typeof NO_END> {
  return /^\s*(the )?end\s*$/i.test(text) ? read(NO_END) : readEnd(text, locale)
}

function UntilFigure({ extra, index, after }: ExtraClauseProps) {
  const { store, at, locale } = useOpenCase()
  const here = `${at}/extras/${index}`
  const was = useWas()((baseline) => baseline.extras[index] ?? null)
  const take = (time: Time | typeof NO_END) =>
    store.changeOption(withExtra(index, time.day === null && time.payment === null ? noEnd() : lastOf(time)))
  return (
    <Figure
      label="Until when the extra is paid"
      pointer={`${here}/lastDay`}
      also={[`${here}/lastPayment`]}
      text={endText({ payment: extra.lastPayment, day: extra.lastDay }, locale)}
      was={
        was === undefined
          ? undefined
          : was === null
            ? ''
            : endText({ payment: was.lastPayment, day: was.lastDay }, locale)
      }
      read={(text) => readUntil(text, locale)}
      take={take}
      clear={() => store.changeOption(withExtra(index, noEnd()))}
      after={after}
    />
  )
}

const noEnd = () => ({ lastPayment: null, lastDay: null })

/** What the extras do to the payments after them. */
export function ExtraEffectClause({ after }: { after: string }) {
  const { store, option } = useOpenCase()
  return (
    <>
      which{' '}
      <span className="whitespace-nowrap">
        <Choice
          label="What an extra does"
          value={option.extraEffect ?? 'END_EARLY'}
          was={useWas()((baseline) => baseline.extraEffect ?? 'END_EARLY')}
          words={EXTRA_EFFECT_WORDS}
          choose={(extraEffect) => {
            store.changeOption(withFields({ extraEffect }))
            store.settle()
          }}
        />
        {after}
      </span>
    </>
  )
}
