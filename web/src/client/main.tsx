import '@fontsource-variable/newsreader/standard.css'
import '@fontsource-variable/public-sans'
import '../ui/tokens.css'
import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { applyTheme, readTheme } from '../app/theme'
import { ClientPage } from './ClientPage'

applyTheme(readTheme())
const root = document.getElementById('root')
if (!root) throw new Error('client.html needs an element with the id root')
const queries = new QueryClient({
  defaultOptions: {
    // A question without a connection is to fail at once, not to wait unseen for one.
    queries: { networkMode: 'always', retry: false, refetchOnWindowFocus: false },
    mutations: { networkMode: 'always' },
  },
})
// Another link opened in this tab differs only behind the sign, for which no browser loads the page again.
window.addEventListener('hashchange', () => window.location.reload())
createRoot(root).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <ClientPage linkKey={window.location.hash.slice(1)} />
    </QueryClientProvider>
  </StrictMode>,
)
