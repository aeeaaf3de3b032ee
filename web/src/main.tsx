import '@fontsource-variable/newsreader/standard.css'
import '@fontsource-variable/public-sans'
import './ui/tokens.css'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { App } from './app/App'
import { applyTheme, readTheme } from './app/theme'

applyTheme(readTheme())
const root = document.getElementById('root')
if (!root) throw new Error('index.html needs an element with the id root')
createRoot(root).render(
  <StrictMode>
    <App />
  </StrictMode>,
)
