import {
  createRootRoute,
  createRoute,
  createRouter,
  lazyRouteComponent,
  Outlet,
  parseSearchWith,
  redirect,
  stringifySearchWith,
} from '@tanstack/react-router'
import { CasesPage } from '../cases/CasesPage'
import { chosenFilter } from '../cases/filter'
import { NotFoundPage } from './NotFoundPage'
import { TroubledPage } from './TroubledPage'

const root = createRootRoute({
  component: Outlet,
  notFoundComponent: () => <NotFoundPage title="Page not found" />,
})

const start = createRoute({
  getParentRoute: () => root,
  path: '/',
  beforeLoad: () => {
    // eslint-disable-next-line @typescript-eslint/only-throw-error -- the router's own way to lead elsewhere
    throw redirect({ to: '/cases' })
  },
})

const cases = createRoute({
  getParentRoute: () => root,
  path: '/cases',
  validateSearch: chosenFilter,
  component: CasesPage,
})

const casePages = () => import('../casefile/pages')

type CaseSearch = {
  /** The id of the option that is shown; the baseline where none is named. */
  option?: string | undefined
}

const caseFile = createRoute({
  getParentRoute: () => root,
  path: '/cases/$id',
  validateSearch: ({ option }: Record<string, unknown>): CaseSearch => ({ option: textOf(option) }),
  component: lazyRouteComponent(casePages, 'CasePage'),
  remountDeps: ({ params }) => params.id,
})

const ofOneOption = createRoute({
  getParentRoute: () => caseFile,
  id: 'option',
  component: lazyRouteComponent(casePages, 'OptionPages'),
})

const loan = createRoute({
  getParentRoute: () => ofOneOption,
  path: '/',
  component: lazyRouteComponent(casePages, 'LoanView'),
})

type LifelineSearch = {
  /** The payment that the marker stands at, from 1. */
  payment?: number | undefined
}

const lifeline = createRoute({
  getParentRoute: () => ofOneOption,
  path: '/lifeline',
  validateSearch: ({ payment }: Record<string, unknown>): LifelineSearch => ({ payment: countOf(payment) }),
  component: lazyRouteComponent(casePages, 'LifelineView'),
})

const options = createRoute({
  getParentRoute: () => caseFile,
  path: '/options',
  component: lazyRouteComponent(casePages, 'OptionsView'),
})

const affordability = createRoute({
  getParentRoute: () => caseFile,
  path: '/affordability',
  component: lazyRouteComponent(casePages, 'AffordabilityView'),
})

const rental = createRoute({
  getParentRoute: () => caseFile,
  path: '/rental',
  component: lazyRouteComponent(casePages, 'RentalView'),
})

const handout = createRoute({
  getParentRoute: () => caseFile,
  path: '/hand-out',
  component: lazyRouteComponent(casePages, 'HandoutView'),
})

const history = createRoute({
  getParentRoute: () => caseFile,
  path: '/history',
  component: lazyRouteComponent(casePages, 'HistoryView'),
})

type ClientsSearch = { search?: string | undefined }

const clients = createRoute({
  getParentRoute: () => root,
  path: '/clients',
  validateSearch: ({ search }: Record<string, unknown>): ClientsSearch => ({ search: textOf(search) }),
  component: lazyRouteComponent(() => import('../clients/ClientsPage'), 'ClientsPage'),
})

const client = createRoute({
  getParentRoute: () => root,
  path: '/clients/$id',
  component: lazyRouteComponent(() => import('../clients/ClientPage'), 'ClientPage'),
  remountDeps: ({ params }) => params.id,
})

const practice = createRoute({
  getParentRoute: () => root,
  path: '/practice',
  component: lazyRouteComponent(() => import('../practice/PracticePage'), 'PracticePage'),
})

const rates = createRoute({
  getParentRoute: () => root,
  path: '/practice/rates',
  component: lazyRouteComponent(() => import('../practice/rates/RatesPage'), 'RatesPage'),
})

const limits = createRoute({
  getParentRoute: () => root,
  path: '/practice/limits',
  component: lazyRouteComponent(() => import('../practice/limits/LimitsPage'), 'LimitsPage'),
})

const programmes = createRoute({
  getParentRoute: () => root,
  path: '/practice/programmes',
  component: lazyRouteComponent(() => import('../practice/programmes/ProgrammesPage'), 'ProgrammesPage'),
})

const handouts = createRoute({
  getParentRoute: () => root,
  path: '/practice/hand-outs',
  component: lazyRouteComponent(() => import('../practice/handouts/HandoutsPage'), 'HandoutsPage'),
})

const people = createRoute({
  getParentRoute: () => root,
  path: '/practice/people',
  component: lazyRouteComponent(() => import('../practice/people/PeoplePage'), 'PeoplePage'),
})

const log = createRoute({
  getParentRoute: () => root,
  path: '/practice/log',
  component: lazyRouteComponent(() => import('../practice/log/LogPage'), 'LogPage'),
})

const account = createRoute({
  getParentRoute: () => root,
  path: '/account',
  component: lazyRouteComponent(() => import('../account/AccountPage'), 'AccountPage'),
})

export const router = createRouter({
  routeTree: root.addChildren([
    start,
    cases,
    clients,
    client,
    practice,
    rates,
    limits,
    programmes,
    handouts,
    people,
    log,
    account,
    caseFile.addChildren([
      ofOneOption.addChildren([loan, lifeline]),
      options,
      affordability,
      rental,
      handout,
      history,
    ]),
  ]),
  defaultPreload: 'intent',
  // A part of the program that could not be loaded: it is asked for again with the page.
  defaultErrorComponent: () => (
    <TroubledPage title="This page cannot be loaded" retry={() => window.location.reload()} />
  ),
  // Ids and searches are texts, though they may look like numbers.
  parseSearch: parseSearchWith((value) => value),
  stringifySearch: stringifySearchWith(String),
})

declare module '@tanstack/react-router' {
  // eslint-disable-next-line @typescript-eslint/consistent-type-definitions -- only an interface can be merged
  interface HistoryState {
    /** Whether the case was created a moment ago. */
    isNew?: boolean
  }
  // eslint-disable-next-line @typescript-eslint/consistent-type-definitions -- only an interface can be merged
  interface Register {
    router: typeof router
  }
}

const LONGEST_TEXT = 200

const textOf = (value: unknown) =>
  typeof value === 'string' && value !== '' && value.length <= LONGEST_TEXT ? value : undefined

const countOf = (value: unknown) => {
  const count = Number(value)
  return Number.isInteger(count) && count > 0 ? count : undefined
}
