// What does not wait for the page: its own small script, run before anything else, with nothing imported that would
// have to be fetched.

// Before the first paint, so that a dark corner never flashes white.
document.documentElement.dataset['bsTheme'] = localStorage.getItem('tinta.theme')
  ?? (matchMedia('(prefers-color-scheme: dark)').matches ? 'dark' : 'light')

// The sign-in page is painted before the pieces run that take it over: they are here already, and take a while.
const runLater = () => {
  for (const each of document.querySelectorAll<HTMLScriptElement>('script[type="later"]')) {
    const piece = document.createElement('script')
    piece.type = 'module'
    piece.async = false
    piece.src = each.src
    each.replaceWith(piece)
  }
}
document.addEventListener('DOMContentLoaded', () => {
  requestAnimationFrame(() => { setTimeout(runLater) })
  // Behind other windows nothing is painted.
  setTimeout(runLater, 500)
})

// Whoever has signed in before the page's own piece has come is let in by it.
document.addEventListener('submit', (event) => {
  if (!(event.target instanceof Element) || event.target.closest('[data-door]') === null) return
  event.preventDefault()
  globalThis.tintaPressed = true
})

// Who is at this device, asked while the page's own pieces are still on their way; where it is nobody, whether a salon
// can be begun here. `shared/api/firstAnswers` takes what was answered.
{
  const kept = localStorage.getItem('tinta.touched')
  const headers = {
    Accept: 'application/json',
    ...(kept === null ? {} : { 'X-Touched-Ago': String(Math.max(0, Math.round((Date.now() - Number(kept)) / 1000))) }),
  }
  // What has not come by then is asked anew, by whoever wants it.
  const ask = (path: string) => fetch(`/api/${path}`, { headers, signal: AbortSignal.timeout(10_000) })
  const session = ask('session')
  // A device that nobody has touched yet is nobody's.
  const open = kept === null
    ? ask('beginning/open')
    : session.then(async (answer) => (answer.ok && (await answer.clone().text()) === 'null'
      ? ask('beginning/open')
      : null))
  // Whoever is here and opens the first page wants the day.
  const day = location.pathname === '/' && location.search === ''
    ? session.then(async (answer) => (answer.ok && (await answer.clone().text()).includes('"locked":false')
      ? ask('today?days=1')
      : null))
    : Promise.resolve(null)
  // Nobody may come for them.
  for (const each of [session, open, day]) each.catch(() => null)
  globalThis.tintaFirst = new Map<string, Promise<Response | null>>([
    ['session', session],
    ['beginning/open', open],
    ['today?days=1', day],
  ])
}
