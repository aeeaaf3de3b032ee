import createClient, { type Middleware } from 'openapi-fetch'
import type { components, paths } from './schema'

type Schemas = components['schemas']

export type CaseDocument = Schemas['CaseDocument']
export type OptionDocument = Schemas['OptionDocument']
export type TermsDocument = Schemas['TermsDocument']
export type FeaturesDocument = Schemas['FeaturesDocument']
export type PurchaseDocument = Schemas['PurchaseDocument']
export type AmountOrShare = Schemas['AmountOrShare']
export type AssumptionsDocument = Schemas['AssumptionsDocument']
export type ClosingItemDocument = Schemas['ClosingItemDocument']
export type PaymentStepDocument = Schemas['PaymentStepDocument']
export type HousingDocument = Schemas['HousingDocument']
export type ClosingDocument = Schemas['ClosingDocument']
export type ExtraDocument = Schemas['ExtraDocument']
export type RateChangeDocument = Schemas['RateChangeDocument']
export type BuydownDocument = Schemas['BuydownDocument']
export type CaseView = Schemas['CaseView']
export type ReadCaseView = Schemas['ReadCaseView']
export type StateView = Schemas['StateView']
export type CaseListView = Schemas['CaseList']
export type CaseSummary = Schemas['CaseSummary']
/** Which cases are listed, and in which order. */
export type CaseFilter = Omit<NonNullable<paths['/api/cases']['get']['parameters']['query']>, 'from'>
export type CaseChange = Schemas['ManyChanged']['change']
export type Shelf = CaseView['shelf']
export type ClientView = Schemas['ClientView']
export type ClientDetails = Schemas['ClientDetails']
export type ClientLine = Schemas['ClientLine']
export type ClientListView = Schemas['ClientList']
export type ClientName = Schemas['ClientName']
export type CaseNews = Schemas['CaseNews']
export type LogFilter = Omit<NonNullable<paths['/api/log']['get']['parameters']['query']>, 'from'>
export type LogEntry = Schemas['Entry']
export type EvaluationView = Schemas['EvaluationView']
export type HeadlinesView = Schemas['HeadlinesView']
export type OptionView = Schemas['OptionView']
export type HousingCostView = Schemas['HousingCostView']
export type YearView = Schemas['YearView']
export type ScheduleView = Schemas['ScheduleView']
export type Milestone = Schemas['Milestone']
export type WorkingView = Schemas['WorkingView']
export type QuantityView = Schemas['QuantityView']
export type RungView = Schemas['RungView']
export type TargetAnswerView = Schemas['TargetAnswerView']
export type ComparisonView = Schemas['ComparisonView']
export type ComparedFigures = Schemas['ComparedFiguresView']
export type KeptView = Schemas['KeptView']
export type OptionRow = Schemas['OptionRowsView']['rows'][number]
export type DebtDocument = Schemas['DebtDocument']
export type HouseholdDocument = Schemas['HouseholdDocument']
export type IncomeDocument = Schemas['IncomeDocument']
export type PersonDocument = Schemas['PersonDocument']
export type LimitSetDocument = Schemas['LimitSetDocument']
export type LimitSetView = Schemas['LimitSetView']
export type AffordabilityView = Schemas['AffordabilityView']
export type SetView = Schemas['SetView']
export type ReadingView = Schemas['ReadingView']
export type PositionView = Schemas['PositionView']
export type UnderwritingView = Schemas['UnderwritingView']
export type HomeDocument = Schemas['HomeDocument']
export type LettingDocument = Schemas['LettingDocument']
export type LettingBasis = LettingDocument['basis']
export type EstimateDocument = Schemas['EstimateDocument']
export type EstimateView = Schemas['EstimateView']
export type ProgrammeDocument = Schemas['ProgrammeDocument']
export type ProgrammeView = Schemas['ProgrammeView']
export type ProgrammeAnswerView = Schemas['ProgrammeAnswerView']
export type LendingView = Schemas['LendingView']
export type LettingView = Schemas['LettingView']
export type OwnerView = Schemas['OwnerView']
export type HandoutDocument = Schemas['HandoutDocument']
export type HandoutTemplateDocument = Schemas['HandoutTemplateDocument']
export type TemplateView = Schemas['TemplateView']
export type LetterheadDocument = Schemas['LetterheadDocument']
export type LetterheadView = Schemas['LetterheadView']
export type IssuedView = Schemas['IssuedView']
export type HandoutContent = Schemas['HandoutContent']
export type ClientPageView = Schemas['ClientPageView']
export type ClientChanges = Schemas['ClientChanges']
export type ClientLinkView = Schemas['ClientLinkView']
export type BorrowingView = Schemas['BorrowingView']
export type FitView = Schemas['FitView']
export type LeverView = Schemas['LeverView']
export type RefinancingDocument = Schemas['RefinancingDocument']
export type RateTableView = Schemas['RateTableView']
export type RateTableDocument = Schemas['RateTableDocument']
export type OfferDocument = Schemas['OfferDocument']
export type AddOnDocument = Schemas['AddOnDocument']
export type CreditWayView = Schemas['CreditWayView']
export type PricedOnDocument = Schemas['PricedOnDocument']
export type HomeDifferenceView = Schemas['HomeDifferenceView']
export type SolutionDocument = Schemas['SolutionDocument']
export type PricedAtDocument = Schemas['PricedAtDocument']
export type GridCellView = Schemas['GridCellView']
export type Session = Schemas['SessionView']
/** A refusal; where someone else's save stands in the way, with that state, and of a table without its columns, with those it has. */
export type Problem = Schemas['ProblemView'] &
  Partial<Pick<Schemas['ConflictView'], 'saved'>> &
  Partial<Pick<Schemas['UnmatchedColumnsView'], 'columns'>> & {
    /** What somebody else saved in the meantime of something that the practice keeps. */
    latest?: { id: string; revision: number; value: unknown; savedBy: string }
  }
export type ColumnsView = Schemas['ColumnsView']
export type LoanListStep = Schemas['LoanListStep']
export type LoanListView = Schemas['LoanListView']
export type FieldProblem = Schemas['FieldProblem']
export type FeatureNote = Schemas['FeatureNoteView']
export type PracticeView = Schemas['PracticeView']
export type JobView = Schemas['JobView']
export type SettingsDocument = Schemas['SettingsDocument']
export type Person = Schemas['Person']
export type InvitedView = Schemas['InvitedView']
export type Role = Person['role']
export type AccountView = Schemas['AccountView']
export type SessionLine = Schemas['SessionLine']
export type NewPractice = Schemas['NewPractice']
export type SentMail = Schemas['SentMail']

/** The token that the server's cookie asks to have sent back with whatever changes something. */
export function tokenHeader(): Record<string, string> {
  const token = /(?:^|; )XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1]
  return token ? { 'X-XSRF-TOKEN': decodeURIComponent(token) } : {}
}

const sendToken: Middleware = {
  onRequest({ request }) {
    for (const [name, value] of Object.entries(tokenHeader())) request.headers.set(name, value)
    return request
  },
}

/** Asks the server, and says so in words where it is not reached. */
export async function reach(request: Request): Promise<Response> {
  try {
    return await fetch(request)
  } catch (failure) {
    if (request.signal.aborted) throw failure
    throw new Error('There is no connection to the server.', { cause: failure })
  }
}

export const api = createClient<paths>({ baseUrl: window.location.origin, fetch: reach })
api.use(sendToken)

/** A refusal of the server, with the status that tells its kind. */
export class Refusal extends Error {
  constructor(
    readonly status: number,
    readonly problem: Problem,
  ) {
    super(problem.detail ?? problem.title ?? 'The server refused.')
  }
}

/** What a failure says of one field, by its pointer; null where it says nothing of it. */
export const problemAt = (failure: Error | null, pointer: string): string | null =>
  failure instanceof Refusal
    ? (failure.problem.fields?.find((each) => each.pointer === pointer)?.message ?? null)
    : null

/** What a failure says that no field does; null where its fields say it all. */
export const problemBeside = (failure: Error | null): string | null =>
  failure instanceof Refusal && failure.problem.fields?.length ? null : (failure?.message ?? null)

type Answer<T> = { data?: T; error?: Problem; response: Response }

/** The answer's data. @throws Refusal if the server refused; Error if it was not reached. */
export function dataOf<T>({ data, error, response }: Answer<T>): T {
  if (data !== undefined) return data
  throw new Refusal(response.status, typeof error === 'object' ? error : {})
}

/** For an answer without data. @throws Refusal if the server refused; Error if it was not reached. */
export function doneOf({ error, response }: Pick<Answer<never>, 'error' | 'response'>) {
  if (!response.ok) throw new Refusal(response.status, typeof error === 'object' ? error : {})
}
