import { QueryObserver, type QueryClient } from '@tanstack/react-query'
import { expect, it } from 'vitest'
import { knownQueries } from './knownQueries'

/** A question whose answers are given by hand. */
function asking(known: QueryClient) {
  const open: ((answer: string) => void)[] = []
  const observer = new QueryObserver(known, {
    queryKey: ['visit', 1],
    queryFn: async () => new Promise<string>((answer) => { open.push(answer) }),
    retry: false,
  })
  const stop = observer.subscribe(() => undefined)
  return { open, stop, shown: () => known.getQueryData<string>(['visit', 1]) }
}

const settled = async () => new Promise((done) => { setTimeout(done, 5) })

it('does not let a question asked before a write set the page back', async () => {
  const known = knownQueries()
  const { open, stop, shown } = asking(known)
  open[0]?.('first')
  await settled()
  void known.refetchQueries({ queryKey: ['visit', 1] })
  await settled()
  known.setQueryData(['visit', 1], 'written')
  open[1]?.('before it was written')
  await settled()
  expect(shown()).toBe('written')
  expect(open).toHaveLength(3)
  open[2]?.('written, and what another device did')
  await settled()
  expect(shown()).toBe('written, and what another device did')
  stop()
})

it('takes what was written where the first question is still on its way', async () => {
  const known = knownQueries()
  const { open, stop, shown } = asking(known)
  known.setQueryData(['visit', 1], 'written')
  open[0]?.('before it was written')
  await settled()
  expect(shown()).toBe('written')
  stop()
})

it('asks nothing anew where nothing was asked', async () => {
  const known = knownQueries()
  const { open, stop, shown } = asking(known)
  open[0]?.('first')
  await settled()
  known.setQueryData(['visit', 1], 'written')
  await settled()
  expect(shown()).toBe('written')
  expect(open).toHaveLength(1)
  stop()
})
