import code from '../features/bench/useBench.ts?raw'
import { describe, expect, it } from 'vitest'
import { keysOf } from './keysOf'

const keys = (path: string) => keysOf(path).own.map(([key]) => key)

describe('the keys of a page', () => {
  it('are those of the page one is on', () => {
    expect(keysOf('/bench/one').page).toBe('The bench')
    expect(keys('/visits/one')).toContain('1–6')
    expect(keys('/visits/one/card')).toEqual([])
    expect(keys('/')).not.toEqual(keys('/workbench/formula'))
  })

  it('name every key that the bench takes', () => {
    const taken = [...code.slice(code.indexOf('function keyAction'), code.indexOf('useKeys(')).matchAll(
      /case '([^']+)'|pressed === '([^']+)'/g,
    )].map((found) => found[1] ?? found[2] ?? '')
    const shown: Record<string, string> = { ' ': 'space', ArrowLeft: '←', ArrowRight: '→', Escape: 'Esc', u: '←' }
    expect(taken.length).toBeGreaterThan(10)
    for (const key of taken) expect(keys('/bench/one')).toContain(shown[key] ?? key)
  })

  it('do not promise pages from the bench, which is left by its own key', () => {
    expect(keysOf('/bench/one').everywhere.map(([key]) => key)).toEqual(['?'])
    expect(keysOf('/clients').everywhere.map(([key]) => key)).toContain('g')
  })
})
