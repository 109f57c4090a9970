import '@fontsource-variable/atkinson-hyperlegible-next/wght.css'
import '@fontsource-variable/fraunces/wght.css'
import 'bootstrap/dist/css/bootstrap.min.css'
import '../../css/tinta.css'
import { QueryClientProvider } from '@tanstack/react-query'
import { StrictMode } from 'react'
import { flushSync } from 'react-dom'
import { createRoot, hydrateRoot } from 'react-dom/client'
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

/** Where the sign-in page stands as it was served, nothing is shown instead of it before it is known who is here. */
const AT_DOOR_MS = 4_000

async function whoIsHere(): Promise<void> {
  await queries.prefetchQuery(session)
  await (queries.getQueryData(session.queryKey) === null ? queries.prefetchQuery(mayBegin) : ahead)
}

function begin(root: HTMLElement): void {
  const page = (
    <StrictMode>
      <QueryClientProvider client={queries}>
        <BrowserRouter>
          <InkPatterns />
          <App />
        </BrowserRouter>
      </QueryClientProvider>
    </StrictMode>
  )
  // In one go: between reading what was typed at the door and taking its place no key is pressed.
  flushSync(() => {
    if (isSignIn(root)) hydrateRoot(root, page)
    else createRoot(root).render(page)
  })
  delete root.dataset['door']
  performance.mark('begun')
}

/** Whether what was served is what will be shown: then it is taken as it stands, with whatever is typed in it. */
const isSignIn = (root: HTMLElement): boolean => root.dataset['door'] !== undefined
  && queries.getQueryData(session.queryKey) === null
  && queries.getQueryData(mayBegin.queryKey)?.open === false

const root = document.getElementById('root')
if (root !== null) void Promise.race([
  whoIsHere(),
  new Promise((over) => { setTimeout(over, root.dataset['door'] !== undefined ? AT_DOOR_MS : PATIENCE_MS) }),
]).then(() => { begin(root) })
