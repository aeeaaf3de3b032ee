import { readDay } from '../../entry/date'
import { readShareOrAmount } from '../../entry/shareOrAmount'
import { formatAmount, formatEntry } from '../../format/amount'
import { CLOSING_KINDS, type ClosingKind } from '../../format/closing'
import { formatDay } from '../../format/date'
import { formatPercent } from '../../format/percent'
import { Explained } from '../../working/Explained'
import { useOpenCase } from '../CaseContext'
import { useOption } from '../OptionContext'
import { itemOf, withItem } from '../closingItems'
import { amount, share, withClosing, withoutPaidOff } from '../option'
import { Field } from '../../field/Field'
import { TextButton } from '../../ui/TextButton'

/** What is due when the loan is paid out, and what others pay of it. */
export function ClosingCosts() {
  const { words, locale } = useOpenCase()
  const { option, figures, at, change } = useOption()
  const { day } = option.closing
  const lost = figures.cashToClose.sellerCreditUnusedCents
  return (
    <>
      <Field
        label={`Day of ${words.closing.toLowerCase()}`}
        hint="date"
        pointer={`${at}/closing/day`}
        text={day ? formatDay(day, locale) : ''}
        read={(text) => readDay(text, locale)}
        take={(chosen) => change(withClosing({ day: chosen }))}
        clear={() => change(withClosing({ day: null }))}
      />
      {(Object.keys(CLOSING_KINDS) as ClosingKind[]).map((kind) => (
        <ItemField key={kind} kind={kind} />
      ))}
      <DebtsPaidOff />
      <p className="text-soft text-[0.8125rem]">
        {words.cashToClose}:{' '}
        <Explained figure="CASH_TO_CLOSE">{formatAmount(figures.cashToClose.totalCents)}</Explained>
        {lost > 0 && (
          <>
            . Seller credit, unused: <Explained figure="SELLER_CREDIT">{formatAmount(lost)}</Explained>
          </>
        )}
        .
      </p>
    </>
  )
}

/** The debts that are paid off in cash, each with the way to keep it. */
function DebtsPaidOff() {
  const { document } = useOpenCase()
  const { option, apply } = useOption()
  const debts = document.debts.filter(({ id }) => option.closing.debtsPaidOff.includes(id))
  return debts.map(({ id, name, balanceCents }) => (
    <p key={id} className="flex items-baseline justify-between gap-3">
      <span>
        Paying off {name || 'a debt'}{' '}
        <TextButton onClick={() => apply(withoutPaidOff(id))}>
          Keep it<span className="sr-only">: {name}</span>
        </TextButton>
      </span>
      <span className="font-figures text-lg">{formatAmount(balanceCents ?? 0)}</span>
    </p>
  ))
}

/** Costs of a loan are a few percent of it; a larger number is an amount. */
const MOST_SHARE_PERCENT = 10

/** The item of a kind: a share of the loan where it is agreed as one, else an amount. */
function ItemField({ kind }: { kind: ClosingKind }) {
  const { option, at, change } = useOption()
  const { label, hint, unit } = CLOSING_KINDS[kind]
  const item = itemOf(option, kind)
  const given = item?.amount
  const isShare = given ? given.percent !== null : unit === 'percent'
  const here = `${at}/closing/items/${item?.id ?? kind}`
  // Named by its kind, since an item that is still to be made has no id yet.
  const also = [here, `${here}/amount`, `${here}/amount/cents`, `${here}/amount/percent`]
  const field = { label, hint, pointer: `${at}/closing/${kind}`, also }
  const text = given
    ? given.percent === null
      ? formatEntry(given.cents ?? 0)
      : formatPercent(given.percent)
    : ''
  return (
    <Field
      {...field}
      text={text}
      // Where nothing stands yet, a bare number is what the item usually is.
      read={(typed, before, where) =>
        readShareOrAmount(typed, before === '' && isShare ? '%' : before, MOST_SHARE_PERCENT, where)
      }
      inputMode="decimal"
      take={({ unit: as, value }) => change(withItem(kind, as === 'percent' ? share(value) : amount(value)))}
      clear={() => change(withItem(kind, null))}
    />
  )
}
