import { renderToStaticMarkup } from 'react-dom/server'
import { expect, it } from 'vitest'
import { LevelField, type Rung } from './LevelField'

const ladder: Rung[] = [
  { level: 6, words: 'dark blonde', swatch: '#806040' },
  { level: 7, words: 'medium blonde', swatch: '#907050' },
  { level: 8, words: 'light blonde', swatch: '#a08060' },
]
const draw = (value:
  | string
  | null) => renderToStaticMarkup(
    <LevelField
      id="level"
      label="Level now"
      ladder={ladder}
      value={value}
      problem={undefined}
      onChange={() => undefined}
    />,
  )

it('shows every rung with number and word, and the chosen one pressed', () => {
  const html = draw('7')
  for (const rung of ladder) expect(html).toContain(`aria-label="${rung.level}, ${rung.words}"`)
  expect(html.match(/aria-pressed="true"/g)).toHaveLength(1)
  expect(html).toContain('<span class="quiet">· medium blonde</span>')
})

it('marks both neighbours of what lies between, and nothing where nothing is read', () => {
  expect(draw('6,5').match(/rung-near/g)).toHaveLength(2)
  expect(draw('6,5')).not.toContain('aria-pressed="true"')
  expect(draw(null)).not.toContain('rung-near')
  expect(draw('tall')).not.toContain('rung-near')
})
