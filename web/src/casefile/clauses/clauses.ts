import type { OptionDocument } from '../../api/client'
import { balloon } from './balloon'
import { buydown } from './buydown'
import type { Beginning, Clause, Said, Start } from './clause'
import { customPayment } from './customPayment'
import { extraEffect } from './extraEffect'
import { extras } from './extras'
import { interestOnly } from './interestOnly'
import { paymentSteps } from './paymentSteps'
import { rateChanges } from './rateChanges'
import { rateTerm } from './rateTerm'
import { upfrontPremium } from './upfrontPremium'

/** In the order in which they are said. */
const SAID: readonly Clause[] = [
  rateTerm,
  upfrontPremium,
  interestOnly,
  customPayment,
  paymentSteps,
  buydown,
  rateChanges,
  extras,
  extraEffect,
  balloon,
]

/** In the order in which they are looked for, the most frequent first. */
const OFFERED: readonly Clause[] = [
  extras,
  extraEffect,
  interestOnly,
  customPayment,
  paymentSteps,
  balloon,
  rateChanges,
  rateTerm,
  buydown,
  upfrontPremium,
]

/** The clauses that apply to an option, as they are said. */
export const clausesOf = (option: OptionDocument): Said[] => SAID.flatMap((clause) => clause.said(option))

/** The clauses that an option does not have yet, and those it can have several of. */
export const beginningsOf = (option: OptionDocument, start: Start): Beginning[] =>
  OFFERED.flatMap((clause) => clause.beginnings(option, start))

/** What an option's clauses say otherwise than the baseline's, each in a few words. */
export const clauseDifferences = (
  baseline: OptionDocument,
  option: OptionDocument,
  locale: string,
): string[] =>
  OFFERED.map((clause) => clause.differs(baseline, option, locale)).filter((words) => words !== null)
