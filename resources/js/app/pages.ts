import { createElement, lazy, useState, type ComponentType } from 'react'
import { keepPieces } from '../offline/keepPieces'

/** Each page is a piece of its own: the first one shown does not wait for the others. */
const load = {
  bench: () => import('../features/bench/BenchPage'),
  today: () => import('../features/today/TodayPage'),
  wall: () => import('../features/wall/WallPage'),
  visit: () => import('../features/visit/VisitPage'),
  card: () => import('../features/visit/CardPage'),
  compare: () => import('../features/visit/ComparePage'),
  formula: () => import('../features/visit/FormulaPage'),
  client: () => import('../features/clients/ClientPage'),
  clients: () => import('../features/clients/ClientsPage'),
  guide: () => import('../features/guide/GuidePage'),
  messages: () => import('../features/messages/MessagesPage'),
  workbench: () => import('../features/workbench/WorkbenchPage'),
  practice: () => import('../features/practice/PracticePage'),
  shelf: () => import('../features/shelf/ShelfPage'),
  house: () => import('../features/house/HousePage'),
  panel: () => import('../features/scale/PanelPage'),
  begin: () => import('../features/begin/BeginPage'),
  join: () => import('../features/begin/JoinPage'),
  signedIn: () => import('./SignedIn'),
  steps: () => import('../features/begin/Steps'),
  outbox: () => import('../shared/outbox/OutboxPanel'),
  signOut: () => import('./SignOut'),
  keys: () => import('./KeyDialog'),
  sayAgain: () => import('./SayAgainDialog'),
  handOver: () => import('./HandOver'),
}

type Load = () => Promise<unknown>

const arrived = new Map<Load, unknown>()

async function fetched<T>(from: () => Promise<T>): Promise<T> {
  const piece = await from()
  arrived.set(from, piece)
  return piece
}

/**
 * A piece that is there is shown at once. One that is waited for shows that first, and React then holds it back for a
 * third of a second, so that nothing flickers.
 */
function page<P extends object, K extends string>(from: () => Promise<Record<K, ComponentType<P>>>, name: K) {
  const Later: ComponentType<P> = lazy<ComponentType<P>>(async () => ({ default: (await fetched(from))[name] }))
  return function Page(props: P) {
    // Which of the two it is stays so for as long as it is shown.
    const [shown] = useState((): { piece: ComponentType<P> } => (
      { piece: (arrived.get(from) as Record<K, ComponentType<P>> | undefined)?.[name] ?? Later }
    ))
    return createElement(shown.piece, props)
  }
}

export const BenchPage = page(load.bench, 'BenchPage')
export const TodayPage = page(load.today, 'TodayPage')
export const WallPage = page(load.wall, 'WallPage')
export const VisitPage = page(load.visit, 'VisitPage')
export const CardPage = page(load.card, 'CardPage')
export const ComparePage = page(load.compare, 'ComparePage')
export const FormulaPage = page(load.formula, 'FormulaPage')
export const ClientPage = page(load.client, 'ClientPage')
export const ClientsPage = page(load.clients, 'ClientsPage')
export const GuidePage = page(load.guide, 'GuidePage')
export const MessagesPage = page(load.messages, 'MessagesPage')
export const WorkbenchPage = page(load.workbench, 'WorkbenchPage')
export const PracticePage = page(load.practice, 'PracticePage')
export const ShelfPage = page(load.shelf, 'ShelfPage')
export const HousePage = page(load.house, 'HousePage')
export const PanelPage = page(load.panel, 'PanelPage')
export const BeginPage = page(load.begin, 'BeginPage')
export const JoinPage = page(load.join, 'JoinPage')
export const SignedIn = page(load.signedIn, 'SignedIn')
export const Steps = page(load.steps, 'Steps')
/** What opens over a page is a piece of its own too. */
export const SignOut = page(load.signOut, 'SignOut')
export const KeyDialog = page(load.keys, 'KeyDialog')
export const SayAgainDialog = page(load.sayAgain, 'SayAgainDialog')
export const HandOver = page(load.handOver, 'HandOver')

/** What whoever signs in sees first, and where they go next: run ahead, so that they open at once. */
const NEXT = [load.signedIn, load.today, load.visit, load.bench]

/** By the first word of its address. */
const FIRST: Record<string, Load[]> = {
  '': [load.today, load.steps],
  bench: [load.bench],
  clients: [load.clients, load.client],
  messages: [load.messages],
  shelf: [load.shelf],
  visits: [load.visit],
  wall: [load.wall],
  workbench: [load.workbench],
}

/** Where somebody has been before, what they will see is asked for together with who it is. */
export const ahead: Promise<unknown> = localStorage.getItem('tinta.touched') === null
  ? Promise.resolve()
  : Promise.all([load.signedIn, ...FIRST[location.pathname.split('/')[1] ?? ''] ?? []].map(fetched)).catch(() => null)

export function fetchFirst(): () => void {
  return afterwards(() => { void inTurn(NEXT.slice(0, 2)) })
}

/**
 * Once the first page stands: the network may be gone when the bench is opened. What a device cannot keep is held by
 * the page itself; what cannot be fetched now is fetched when it is wanted.
 */
export function fetchTheRest(): () => void {
  return afterwards(() => {
    void inTurn(NEXT)
      .then(keepPieces)
      .catch(() => false)
      .then((kept) => (kept ? undefined : inTurn(Object.values(load))))
  })
}

function afterwards(what: () => void): () => void {
  const timer = setTimeout(what, 400)
  return () => { clearTimeout(timer) }
}

const inTurn = (pages: Load[]): Promise<unknown> =>
  pages.reduce<Promise<unknown>>(
    (before, next) => before.then((): Promise<unknown> => fetched(next)).catch(() => undefined),
    Promise.resolve(),
  )
