import { renderToStaticMarkup } from 'react-dom/server'
import { expect, it } from 'vitest'
import { CautionList, SidePanel } from './SidePanel'
import { stationOf, Stations } from './Stations'
import type { Picture, Visit } from './shapes'

const picture: Picture = {
  zones: [],
  unread: [],
  seen: [],
  cells: {},
  maps: [],
  uncovered: [],
  doubled: [],
  cautions: [],
  suggestions: [],
  amounts: {},
  strokes: [],
}
const visit = {
  status: 'in-chair', proposals: [], canvas: {
    version: 0,
    canvas: { zones: [], worn: '', target: '' },
    said: [],
    editedBy: null,
  }, picture,
  gate: { open: true, ahead: false, reasons: [], waivable: false, waived: '', waivers: [], states: {} },
} as unknown as Visit

it('opens the station an address names, else the bowls; a closed visit to be read', () => {
  expect(stationOf('place', visit)).toBe('place')
  expect(stationOf('nowhere', visit)).toBe('formulate')
  expect(stationOf(null, { ...visit, status: 'closed' })).toBe('read')
})

const words = (changed: Partial<Visit>) => renderToStaticMarkup(
  <Stations now="read" visit={{ ...visit, ...changed }} onGo={() => undefined} />,
)

it('says where something waits, and nothing once the visit is closed', () => {
  expect(words({})).toContain('! not read')
  expect(words({ gate: { ...visit.gate, open: false } })).toContain('! gate shut')
  expect(words({ picture: { ...picture, uncovered: ['top/root'] } })).toContain('! bare or doubled')
  expect(words({ proposals: [{ state: 'open' }] as unknown as Visit['proposals'] })).toContain('! notes wait')
  expect(words({ status: 'closed', gate: { ...visit.gate, open: false } })).not.toContain('station-waits')
})

it('marks the station one stands at', () => {
  expect(words({}).match(/aria-selected="true"/g)).toHaveLength(1)
  expect(words({})).toMatch(/aria-selected="true"[^>]*>.{0,80}1<\/span> Read/)
})

const caution = { key: 'weak', reason: 'This hair is weak.', mend: 'Test a strand.', asks: false, zones: ['Ends'] }
const expected = {
  words: 'level 8.8, gold',
  swatch: '#c8a860',
  calibrated: true,
  sure: 'give or take half; from 3 of this client’s bowls and 60 of the house',
  why: [],
}
const zone: Picture['zones'][number] = {
  id: 'z', name: 'Ends', direction: 'tone', headline: 'Tone to pearl', lines: [], cautions: [caution],
  now: {
    words: 'level 9 gold',
    swatch: '#c0a060',
  }, wish: null, reached: null, verdict: 'too warm', expected, whole: null, lastTime: null,
  strands: [{
    key: 'whole A',
    name: 'all of it',
    kind: 'whole',
    letters: ['A'],
    share: '100',
    was: '#c0a060',
    words: 'level 8.8, gold',
    swatch: '#c8a860',
    verdict: 'too warm',
    main: true,
    steps: [{ letter: 'A', round: 0, words: 'level 8.8, gold', swatch: '#c8a860', why: ['It holds 80 %.'] }],
  }],
}

it('shows what to expect as a sketch, with a word and a sign, and by whose visits', () => {
  const html = renderToStaticMarkup(
    <SidePanel visit={visit} picture={{ ...picture, zones: [zone], cautions: [caution] }} withMap={false} />,
  )
  expect(html).toContain('! too warm')
  expect(html).toContain('It holds 80 %.')
  expect(html).toContain('give or take half; from 3 of this client’s bowls')
  expect(html).toMatch(/class="is-sketch"/)
  expect(html).toContain('now 9')
  expect(html).toContain('wish –')
  expect(html).toContain('Ends: This hair is weak.')
  const right = renderToStaticMarkup(
    <SidePanel visit={visit} picture={{ ...picture, zones: [{ ...zone, verdict: 'on target' }] }} withMap={false} />,
  )
  expect(right).toContain('✓ on target')
})

it('tells what happened last time first, and the model second', () => {
  const html = renderToStaticMarkup(
    <SidePanel
      visit={visit}
      picture={{
        ...picture,
        zones: [{ ...zone, lastTime: { words: 'level 9 pearl', swatch: '#d0c0b0', on: '2026-10-15T09:00:00+00:00' } }],
      }}
      withMap={false}
    />,
  )
  expect(html).toContain('level 9 pearl, good')
  expect(html.indexOf('level 9 pearl, good')).toBeLessThan(html.indexOf('too warm'))
})

it('shows what was reached instead of the sketch, once nothing is planned after it', () => {
  const seen = { words: 'level 8 gold', swatch: '#c0a060' }
  const between = renderToStaticMarkup(
    <SidePanel
      visit={visit}
      picture={{ ...picture, zones: [{ ...zone, reached: { ...seen, last: false } }] }}
      withMap={false}
    />,
  )
  expect(between).toContain('reached 8')
  expect(between).toContain('expected 8.8')
  const after = renderToStaticMarkup(
    <SidePanel
      visit={visit}
      picture={{ ...picture, zones: [{ ...zone, reached: { ...seen, last: true } }] }}
      withMap={false}
    />,
  )
  expect(after).toContain('reached level 8 gold')
  expect(after).not.toContain('is-sketch')
})

it('shows no box where nothing needs care', () => {
  expect(renderToStaticMarkup(<CautionList cautions={[]} />)).toBe('')
})
