/** What is asked of the bundler about a module. */
interface Graph { getModuleInfo(id: string): { importers: readonly string[]; isEntry: boolean; dynamicImporters: readonly string[] } | null }

const MAIN = '/resources/js/app/main.tsx'
const DAY = ['/resources/js/app/SignedIn.tsx', '/resources/js/features/today/TodayPage.tsx']

/**
 * In which piece a module comes: what the first view needs is one piece, what Today needs another, and what several
 * other pages share a third. Every piece is a request through the worker, on a tablet some milliseconds each, however small it is.
 */
export function pieceOf(id: string, graph: Graph): string | null {
  const from = rootsOf(id, graph)
  if (from.has(MAIN)) return 'shell'
  if (DAY.some((each) => from.has(each))) return 'day'
  return from.size > 1 ? 'desk' : null
}

const known = new WeakMap<Graph, Map<string, ReadonlySet<string>>>()

/** The entries and the pages fetched on demand that cannot do without a module. */
function rootsOf(id: string, graph: Graph): ReadonlySet<string> {
  const roots = known.get(graph) ?? known.set(graph, new Map()).get(graph)
  const before = roots?.get(id)
  if (before !== undefined) return before
  const found = new Set<string>()
  const seen = new Set<string>()
  const open = [id]
  for (let each = open.pop(); each !== undefined; each = open.pop()) {
    if (seen.has(each)) continue
    seen.add(each)
    const info = graph.getModuleInfo(each)
    if (info === null) continue
    if (info.isEntry || info.dynamicImporters.length > 0) found.add(each.replace(/^.*(?=\/resources\/)/, '').replace(/\?.*$/, ''))
    open.push(...info.importers)
  }
  roots?.set(id, found)
  return found
}
