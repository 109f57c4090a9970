import { renderToStaticMarkup } from 'react-dom/server'
import { expect, it } from 'vitest'
import { HeadMap, REGIONS } from './HeadMap'
import { inkOf } from './ink'
import { OneOf } from './OneOf'

const draw = (props: Partial<Parameters<typeof HeadMap>[0]> = {}) => renderToStaticMarkup(
  <HeadMap cells={{}} uncovered={[]} doubled={[]} {...props} />,
)

it('draws every region, and tells the map in words', () => {
  const html = draw({ cells: { 'top/root': ['A', 'B'], 'nape/ends': ['C'] } })
  for (const region of REGIONS) expect(html).toContain(`>${region}</text>`)
  expect(html).toContain('top: root A and B, regrowth bare')
  expect(html).toContain('nape: root bare, regrowth bare, mids bare, ends C')
  expect(html).toContain('role="img"')
})

it('marks bare and doubled places by a sign, not by colour alone', () => {
  const html = draw({ uncovered: ['crown/mids'], doubled: ['left/root'] })
  expect(html.match(/>\?<\/text>/g)).toHaveLength(1)
  expect(html.match(/head-doubled/g)).toHaveLength(1)
  expect(html).toContain('is-bare')
})

it('counts on where a third bowl shares a place', () => {
  expect(draw({ cells: { 'top/mids': ['A', 'B', 'C'] } })).toContain('>A+</text>')
})

it('gives each region a button of its own where it is painted', () => {
  const html = draw({ chosen: ['top'], onRegion: () => undefined })
  expect(html.match(/role="button"/g)).toHaveLength(REGIONS.length)
  expect(html.match(/aria-pressed="true"/g)).toHaveLength(1)
  expect(html).not.toContain('role="img"')
})

it('has an ink for letters and for the numbers of zones', () => {
  expect(inkOf('A')).toEqual(inkOf('1'))
  expect(inkOf('B')).toEqual(inkOf('2'))
  expect(new Set(['A', 'B', 'C', 'D', 'E', 'F'].map((letter) => inkOf(letter).name)).size).toBe(6)
  expect(inkOf('G')).toEqual(inkOf('A'))
})

it('shows one of a few as pressed, its words without dashes', () => {
  const html = renderToStaticMarkup(
    <OneOf label="Length" all={['chin', 'mid-back', ['x', 'as it is']]} on="mid-back" onChange={() => undefined} />,
  )
  expect(html).toContain('aria-pressed="true">mid back')
  expect(html).toContain('>as it is<')
  expect(html.match(/aria-pressed="true"/g)).toHaveLength(1)
})
