import { renderToStaticMarkup } from 'react-dom/server'
import { expect, it } from 'vitest'
import type { Rule } from '../../shared/house/house'
import { RuleRow } from './RuleRow'

const choice: Rule = {
  key: 'filling', label: 'Going darker', value: 'skip', words: 'in one step', standard: 'fill', standardWords: 'fill first', unit: '', reason: 'A filler puts pigment back.',
  options: [{ value: 'fill', words: 'fill first' }, { value: 'skip', words: 'in one step' }],
}
const number: Rule = {
  ...choice,
  key: 'freshness',
  label: 'Fresh for',
  value: '30',
  words: '30 min',
  standard: '30',
  standardWords: '30 min',
  unit: 'min',
  options: [],
}
const draw = (rule: Rule, value: string, mayChange = true, problem?: {
  pointer: string
  message: string
  mend: string
}) =>
  renderToStaticMarkup(
    <RuleRow rule={rule} value={value} mayChange={mayChange} problem={problem} onChange={() => undefined} />,
  )

it('marks what is the house’s own by word, sign and edge, and offers the standard', () => {
  const html = draw(choice, 'skip')
  expect(html).toContain('rule-own')
  expect(html).toContain('◆ ours; the standard is fill first')
  expect(html).toMatch(/aria-pressed="true"[^>]*>in one step/)
  expect(html).toContain('>standard</button>')
  expect(draw(choice, 'fill')).not.toContain('ours')
})

it('ties a typed number to its label, its reason and its unit', () => {
  const html = draw(number, '30')
  expect(html).toContain('<label for="rule-freshness">Fresh for</label>')
  expect(html).toMatch(/<input[^>]*aria-describedby="rule-freshness-why"/)
  expect(html).toContain('min</span>')
})

it('shows the problem at the rule that has it', () => {
  const html = draw(number, 'soon', true, {
    pointer: '/rules/freshness',
    message: '“soon” is not a number.',
    mend: 'Write digits.',
  })
  expect(html).toContain('“soon” is not a number. Write digits.')
  expect(html).toContain('is-invalid')
})

it('lets whoever may not change it read it', () => {
  const html = draw(choice, 'skip', false)
  expect(html).toContain('<strong>in one step</strong>')
  expect(html).not.toMatch(/<button|<input|<label for/)
})
