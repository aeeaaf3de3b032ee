import { useQuery } from '@tanstack/react-query'
import { Link, useParams } from '@tanstack/react-router'
import { clientQuery } from '../api/clients'
import { Refusal } from '../api/client'
import { NotFoundPage } from '../app/NotFoundPage'
import { Places } from '../app/Places'
import { TopBar } from '../app/TopBar'
import { ClientCases } from './ClientCases'
import { ClientEditor } from './ClientEditor'
import { ClientEnd } from './ClientEnd'

const NO_ACTIONS: [] = []

/** A client: what is known of them, and all their cases. */
export function ClientPage() {
  const { id } = useParams({ from: '/clients/$id' })
  const client = useQuery(clientQuery(id))
  if (client.error instanceof Refusal && client.error.status < 500) {
    return <NotFoundPage title="There is no such client in your practice" />
  }
  return (
    <>
      <title>{`${client.data?.details.name ?? 'Client'} · Impendium`}</title>
      <TopBar actions={NO_ACTIONS}>
        <Places />
      </TopBar>
      <main id="main" tabIndex={-1} className="wide:pl-55 wide:pr-9 mid:px-8 max-w-7xl px-4 py-8">
        <p>
          <Link to="/clients" className="text-act font-semibold">
            All clients
          </Link>
        </p>
        {client.error && (
          <p role="alert" className="field-problem">
            {client.error.message}
          </p>
        )}
        {client.data && (
          <>
            <h1 className="font-figures mt-1 text-3xl font-medium">{client.data.details.name}</h1>
            <ClientEditor client={client.data} />
            <ClientCases client={client.data} />
            <ClientEnd client={client.data} />
          </>
        )}
      </main>
    </>
  )
}
