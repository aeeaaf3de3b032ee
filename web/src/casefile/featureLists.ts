import type { ExtraDocument, FeaturesDocument, TermsDocument } from '../api/client'
import type { Time } from '../entry/time'
import { withFeatures, type OptionChange } from './option'
import { PAYMENTS_PER_YEAR } from '../format/conventions'

const MONTHS_PER_YEAR = 12

export type How = ExtraDocument['how']
type Frequency = TermsDocument['frequency']

/** The lists of an option's features. */
type ListName = 'extras' | 'rateChanges' | 'paymentSteps'
type EntryOf<N extends ListName> = FeaturesDocument[N][number]

/** A further entry at the end of a list. */
const adding =
  <N extends ListName>(name: N, entry: EntryOf<N>): OptionChange =>
  (option) =>
    withFeatures({ [name]: [...option.features[name], entry] })(option)

/** A further entry behind another one, or at the end. */
export const insertEntry =
  <N extends ListName>(name: N, entry: EntryOf<N>, after: string | null): OptionChange =>
  (option) => {
    const list: EntryOf<N>[] = option.features[name]
    const place = list.findIndex(({ id }) => id === after) + 1 || list.length
    return withFeatures({ [name]: list.toSpliced(place, 0, entry) })(option)
  }

/** The entry of an id before or after its neighbour. */
export const moveEntry =
  (name: ListName, id: string, by: -1 | 1): OptionChange =>
  (option) => {
    const list: EntryOf<ListName>[] = option.features[name]
    const from = list.findIndex((entry) => entry.id === id)
    const moved = list[from]
    if (!moved || !list[from + by]) return option
    return withFeatures({ [name]: list.toSpliced(from, 1).toSpliced(from + by, 0, moved) })(option)
  }

/** The entry of an id with other fields. */
export const withEntry =
  <N extends ListName>(name: N, id: string, fields: Partial<EntryOf<N>>): OptionChange =>
  (option) => {
    const list: EntryOf<N>[] = option.features[name]
    const changed = list.map((entry) => (entry.id === id ? { ...entry, ...fields } : entry))
    return withFeatures({ [name]: changed })(option)
  }

export const withoutEntry =
  (name: ListName, id: string): OptionChange =>
  (option) => {
    const list: EntryOf<ListName>[] = option.features[name]
    return withFeatures({ [name]: list.filter((entry) => entry.id !== id) })(option)
  }

/** An extra payment as the sentence begins it, to be typed over. */
export const addExtra = (id: string, how: How, cents: number, first: Time) =>
  adding('extras', {
    id,
    how,
    cents,
    firstPayment: first.payment,
    firstDay: first.day,
    lastPayment: null,
    lastDay: null,
  })

export const addRateChange = (id: string, ratePercent: number, from: Time) =>
  adding('rateChanges', { id, ratePercent, fromPayment: from.payment, fromDay: from.day })

export const addPaymentStep = (id: string, cents: number, from: Time) =>
  adding('paymentSteps', { id, cents, fromPayment: from.payment, fromDay: from.day })

/** So many months of payments; at least one where there are any months. */
export const paymentsIn = (months: number, frequency: Frequency) =>
  Math.max(1, Math.round((months * PAYMENTS_PER_YEAR[frequency]) / MONTHS_PER_YEAR))

/** How long so many payments take, in months. */
export const monthsOf = (payments: number, frequency: Frequency) =>
  Math.round((payments * MONTHS_PER_YEAR) / PAYMENTS_PER_YEAR[frequency])

/** Paid otherwise: what is counted in payments keeps its time. */
export const withFrequency =
  (frequency: Frequency): OptionChange =>
  (option) => {
    const { terms, features } = option
    const scale = PAYMENTS_PER_YEAR[frequency] / PAYMENTS_PER_YEAR[terms.frequency]
    const first = (payment: number | null) =>
      payment === null ? null : Math.max(1, Math.round((payment - 1) * scale) + 1)
    const last = (payment: number | null) =>
      payment === null ? null : Math.max(1, Math.round(payment * scale))
    const later = <T extends { fromPayment: number | null }>(entry: T) => ({
      ...entry,
      fromPayment: first(entry.fromPayment),
    })
    return {
      ...option,
      terms: { ...terms, frequency },
      features: {
        ...features,
        interestOnlyPayments: last(features.interestOnlyPayments),
        extras: features.extras.map((extra) => ({
          ...extra,
          firstPayment: first(extra.firstPayment),
          lastPayment: last(extra.lastPayment),
        })),
        rateChanges: features.rateChanges.map(later),
        paymentSteps: features.paymentSteps.map(later),
      },
    }
  }
