import '@fontsource-variable/besley'
import '@fontsource-variable/libre-franklin'
import './index.css'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { App } from './shell/App.tsx'
import { trustOwnScripts } from './shell/trusted.ts'

trustOwnScripts()
const root = document.getElementById('root')
if (root === null) throw new Error('no root element')
createRoot(root).render(
  <StrictMode>
    <App />
  </StrictMode>,
)
