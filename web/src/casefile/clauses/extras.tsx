import type { ExtraDocument } from '../../api/client'
import { readAmount } from '../../entry/amount'
import { addMonths } from '../../entry/date'
import { readEnd, type Time } from '../../entry/time'
import { read, type Reading } from '../../entry/reading'
import { formatEntry } from '../../format/amount'
import { Choice } from '../../sentence/Choice'
import { Figure } from '../../sentence/Figure'
import { useOpenCase } from '../CaseContext'
import { useOption } from '../OptionContext'
import { addExtra, withEntry, withoutEntry, type How } from '../featureLists'
import { newId } from '../newId'
import { EXTRA_STEP_CENTS, notNegative } from './steps'
import { TimeFigure } from './TimeFigure'
import { endText, firstOf, lastOf, onceAt, timeText } from './timeText'
import { useWas } from './useWas'
import { FIVE_YEARS_MONTHS, saysOtherwise, type Beginning, type Clause } from './clause'

/** Extra payments, each beside the payments or on its own. */
export const extras: Clause = {
  said: ({ features }) =>
    features.extras.map((extra) => ({
      pointer: `/features/extras/${extra.id}`,
      say: (after) => <ExtraClause extra={extra} after={after} />,
    })),
  beginnings: (_, { figures: { firstPaymentDate } }) => {
    const inFiveYears = addMonths(firstPaymentDate, FIVE_YEARS_MONTHS)
    return [
      beginning('Extra with each payment', 'EACH_PAYMENT', 200_00, firstPaymentDate),
      beginning('One-time extra payment', 'ONCE', 10_000_00, inFiveYears),
      beginning('Yearly extra payment', 'EACH_YEAR', 2_000_00, firstPaymentDate),
    ]
  },
  differs: (baseline, option, locale) => {
    if (!saysOtherwise(baseline, option, ({ features }) => features.extras)) return null
    const [extra] = option.features.extras
    if (!extra) return 'no extras'
    return `plus ${formatEntry(extra.cents)} ${extra.how === 'ONCE' ? onceWords(extra, locale) : 'extra'}`
  },
}

function beginning(words: string, how: How, cents: number, day: string): Beginning {
  const id = newId()
  return {
    words,
    change: addExtra(id, how, cents, { payment: null, day }),
    focus: `/features/extras/${id}`,
  }
}

function onceWords({ firstPayment, firstDay }: ExtraDocument, locale: string): string {
  const time = { payment: firstPayment, day: firstDay }
  return `${onceAt(time)} ${timeText(time, locale)}`
}

const HOW_WORDS: Record<How, string> = {
  ONCE: 'once',
  EACH_PAYMENT: 'with each payment',
  EACH_YEAR: 'once a year',
}

type ExtraClauseProps = { extra: ExtraDocument; after: string }

/** Plus 200 with each payment from March 2028 until the end. */
function ExtraClause(props: ExtraClauseProps) {
  return (
    <>
      plus <ExtraFigures {...props} />
    </>
  )
}

/** An extra's figures, in the sentence and in the list of extras. */
export function ExtraFigures({ extra, after }: ExtraClauseProps) {
  const { at, change, apply } = useOption()
  const here = `${at}/features/extras/${extra.id}`
  const first = { payment: extra.firstPayment, day: extra.firstDay }
  const was = useWas()((baseline) => baseline.features.extras.find(({ id }) => id === extra.id) ?? null)
  return (
    <>
      <Figure
        label="Extra payment"
        pointer={here}
        also={[`${here}/cents`]}
        text={formatEntry(extra.cents)}
        was={was === undefined ? undefined : was === null ? '' : formatEntry(was.cents)}
        read={readAmount}
        inputMode="decimal"
        take={(cents) => change(withEntry('extras', extra.id, { cents }))}
        clear={() => change(withoutEntry('extras', extra.id))}
        nudge={(steps) =>
          change(
            withEntry('extras', extra.id, { cents: notNegative(extra.cents + steps * EXTRA_STEP_CENTS) }),
          )
        }
      />{' '}
      <Choice
        label="Extra payment frequency"
        value={extra.how}
        was={was?.how}
        words={HOW_WORDS}
        choose={(how) => {
          const once = how === 'ONCE' ? { lastPayment: null, lastDay: null } : {}
          apply(withEntry('extras', extra.id, { how, ...once }))
        }}
      />{' '}
      {extra.how === 'ONCE' ? onceAt(first) : 'from'}{' '}
      <TimeFigure
        label="Extra payment from"
        pointer={`${here}/firstDay`}
        also={[`${here}/firstPayment`]}
        time={first}
        was={was && { payment: was.firstPayment, day: was.firstDay }}
        take={(time) => change(withEntry('extras', extra.id, firstOf(time)))}
        after={extra.how === 'ONCE' ? after : ''}
      />
      {extra.how !== 'ONCE' && (
        <>
          {' '}
          until <UntilFigure extra={extra} after={after} />
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

function UntilFigure({ extra, after }: ExtraClauseProps) {
  const { locale } = useOpenCase()
  const { at, change } = useOption()
  const here = `${at}/features/extras/${extra.id}`
  const was = useWas()((baseline) => baseline.features.extras.find(({ id }) => id === extra.id) ?? null)
  const take = (time: Time | typeof NO_END) =>
    change(withEntry('extras', extra.id, time.day === null && time.payment === null ? noEnd() : lastOf(time)))
  return (
    <Figure
      label="Extra payment until"
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
      clear={() => change(withEntry('extras', extra.id, noEnd()))}
      after={after}
    />
  )
}

const noEnd = () => ({ lastPayment: null, lastDay: null })
