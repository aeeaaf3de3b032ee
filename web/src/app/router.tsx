import { createRootRoute, createRoute, createRouter, Outlet, redirect } from '@tanstack/react-router'
import { CasePage } from '../casefile/CasePage'
import { CasesPage } from '../cases/CasesPage'

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

export const router = createRouter({ routeTree: root.addChildren([start, cases, caseFile]) })

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
