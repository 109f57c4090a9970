import '@fontsource-variable/atkinson-hyperlegible-next/wght.css'
import '@fontsource-variable/fraunces/wght.css'
import 'bootstrap/dist/css/bootstrap.min.css'
import '../../css/tinta.css'
import { QueryClientProvider } from '@tanstack/react-query'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { BrowserRouter } from 'react-router'
import { markWork } from '../shared/api/busy'
import { Unreachable } from '../shared/api/http'
import { knownQueries } from '../shared/api/knownQueries'
import { InkPatterns } from '../shared/ui/InkPatterns'
import { mayBegin } from '../features/begin/api'
import { settleSent } from '../features/visit/settleSent'
import { registerWorker } from '../offline/register'
import { deviceKeep } from '../shared/keep/keep'
import { onSent } from '../shared/outbox/kept'
import { session } from '../shared/session/session'
import { resumeSerial } from '../shared/scale/serial'
import { App } from './App'
import { ahead } from './pages'

const queries = knownQueries({
  defaultOptions: {
    queries: { retry: (count, error) => error instanceof Unreachable && count < 3, networkMode: 'always' },
    mutations: { networkMode: 'always' },
  },
})

registerWorker()
void resumeSerial()
markWork(document.documentElement)
onSent((entry, answer) => { settleSent(deviceKeep, entry, answer) })

/** What was asked before the page came is mostly there by now: then the page begins with it, and nothing else first. */
const PATIENCE_MS = 400

async function whoIsHere(): Promise<void> {
  await queries.prefetchQuery(session)
  await (queries.getQueryData(session.queryKey) === null ? queries.prefetchQuery(mayBegin) : ahead)
}

function begin(root: HTMLElement): void {
  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={queries}>
        <BrowserRouter>
          <InkPatterns />
          <App />
        </BrowserRouter>
      </QueryClientProvider>
    </StrictMode>,
  )
}

const root = document.getElementById('root')
if (root !== null) void Promise.race([
  whoIsHere(),
  new Promise((over) => { setTimeout(over, PATIENCE_MS) }),
]).then(() => { begin(root) })
