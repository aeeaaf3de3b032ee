import type { ExtraDocument, OptionDocument, RateChangeDocument } from '../api/client'
import type { Time } from '../entry/time'
import { replaced, without, type OptionChange } from './option'
import { PAYMENTS_A_YEAR } from './words'

const MONTHS_A_YEAR = 12

export type How = ExtraDocument['how']

/** An extra payment as the sentence begins it, to be typed over. */
export const addExtra =
  (how: How, cents: number, first: Time): OptionChange =>
  (option) => ({
    ...option,
    extras: [
      ...option.extras,
      { how, cents, firstPayment: first.payment, firstDay: first.day, lastPayment: null, lastDay: null },
    ],
  })

export const withExtra =
  (index: number, fields: Partial<ExtraDocument>): OptionChange =>
  (option) => {
    const extra = option.extras[index]
    return extra ? { ...option, extras: replaced(option.extras, index, { ...extra, ...fields }) } : option
  }

export const withoutExtra =
  (index: number): OptionChange =>
  (option) => ({ ...option, extras: without(option.extras, index) })

export const addRateChange =
  (ratePercent: number, from: Time): OptionChange =>
  (option) => ({
    ...option,
    rateChanges: [...option.rateChanges, { ratePercent, fromPayment: from.payment, fromDay: from.day }],
  })

export const withRateChange =
  (index: number, fields: Partial<RateChangeDocument>): OptionChange =>
  (option) => {
    const change = option.rateChanges[index]
    return change
      ? { ...option, rateChanges: replaced(option.rateChanges, index, { ...change, ...fields }) }
      : option
  }

export const withoutRateChange =
  (index: number): OptionChange =>
  (option) => ({ ...option, rateChanges: without(option.rateChanges, index) })

/** So many months of payments; at least one where there are any months. */
export const paymentsIn = (months: number, frequency: OptionDocument['frequency']) =>
  Math.max(1, Math.round((months * PAYMENTS_A_YEAR[frequency]) / MONTHS_A_YEAR))

/** How long so many payments take, in months. */
export const monthsOf = (payments: number, frequency: OptionDocument['frequency']) =>
  Math.round((payments * MONTHS_A_YEAR) / PAYMENTS_A_YEAR[frequency])

/** Paid otherwise: what is counted in payments keeps its time. */
export const withFrequency =
  (frequency: OptionDocument['frequency']): OptionChange =>
  (option) => {
    const scale = PAYMENTS_A_YEAR[frequency] / PAYMENTS_A_YEAR[option.frequency]
    const first = (payment: number | null) =>
      payment === null ? null : Math.max(1, Math.round((payment - 1) * scale) + 1)
    const last = (payment: number | null) =>
      payment === null ? null : Math.max(1, Math.round(payment * scale))
    return {
      ...option,
      frequency,
      interestOnlyPayments: last(option.interestOnlyPayments),
      extras: option.extras.map((extra) => ({
        ...extra,
        firstPayment: first(extra.firstPayment),
        lastPayment: last(extra.lastPayment),
      })),
      rateChanges: option.rateChanges.map((change) => ({
        ...change,
        fromPayment: first(change.fromPayment),
      })),
    }
  }
