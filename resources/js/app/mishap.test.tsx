import { renderToString } from 'react-dom/server'
import { expect, it } from 'vitest'
import { Mishap } from './Mishap'

it('shows what is in it until that fails, and then says that nothing typed is lost', () => {
  expect(renderToString(<Mishap at="/"><p>page</p></Mishap>)).toContain('page')
  const failed = new Mishap({ at: '/', children: 'page' })
  failed.state = Mishap.getDerivedStateFromError()
  expect(renderToString(<>{failed.render()}</>)).toContain('kept on this device')
})
