// Starts the interface.
import '@fontsource-variable/bricolage-grotesque'
import '@fontsource/atkinson-hyperlegible/400.css'
import '@fontsource/atkinson-hyperlegible/700.css'
import './index.css'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { App } from './app/App'
import { startKeptHere } from './app/keptHere'
import { applyTheme } from './app/theme'

applyTheme()
const root = document.getElementById('root')
if (!root) throw new Error('index.html has no #root')
// Where somebody keeps their days here, the device stands between from the first request on.
const device = async () => (await import('./away/device')).startDevice()
void startKeptHere(device).then(() =>
  createRoot(root).render(
    <StrictMode>
      <App />
    </StrictMode>,
  ),
)
