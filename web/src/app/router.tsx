import { createRootRoute, createRoute, createRouter, Outlet, redirect } from '@tanstack/react-router'
import { CasePage } from '../casefile/CasePage'
import { LifelineView } from '../casefile/lifeline/LifelineView'
import { LoanView } from '../casefile/loan/LoanView'
import { CasesPage } from '../cases/CasesPage'
import { PracticePage } from '../practice/PracticePage'

const root = createRootRoute({ component: Outlet, notFoundComponent: NotFound })

const start = createRoute({
  getParentRoute: () => root,
  path: '/',
  beforeLoad: () => {
    // eslint-disable-next-line @typescript-eslint/only-throw-error -- the router's own way to lead elsewhere
    throw redirect({ to: '/cases' })
  },
})

const cases = createRoute({ getParentRoute: () => root, path: '/cases', component: CasesPage })

const caseFile = createRoute({
  getParentRoute: () => root,
  path: '/cases/$id',
  component: function OpenedCase() {
    const { id } = caseFile.useParams()
    return <CasePage key={id} id={id} />
  },
})

const loan = createRoute({ getParentRoute: () => caseFile, path: '/', component: LoanView })

const lifeline = createRoute({
  getParentRoute: () => caseFile,
  path: '/lifeline',
  component: LifelineView,
})

const practice = createRoute({ getParentRoute: () => root, path: '/practice', component: PracticePage })

export const router = createRouter({
  routeTree: root.addChildren([start, cases, practice, caseFile.addChildren([loan, lifeline])]),
})

declare module '@tanstack/react-router' {
  // eslint-disable-next-line @typescript-eslint/consistent-type-definitions -- only an interface can be merged
  interface Register {
    router: typeof router
  }
}

function NotFound() {
  return (
    <main className="p-8">
      <h1 className="font-figures text-2xl">There is nothing at this address</h1>
      <a className="text-act mt-2 inline-block font-semibold" href="/cases">
        To the cases
      </a>
    </main>
  )
}
