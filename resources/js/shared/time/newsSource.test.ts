import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import { listenToNews, type News } from './newsSource'

class Stream {
  static readonly CLOSED = 2
  static opened: Stream[] = []
  readyState = 0
  onmessage: ((event: { data: string }) => void) | null = null
  onopen: (() => void) | null = null
  onerror: (() => void) | null = null
  constructor() {
    Stream.opened.push(this)
  }

  close() {
    this.readyState = Stream.CLOSED
  }

  breaks(readyState: number) {
    this.readyState = readyState
    this.onerror?.()
  }
}

const heard: News[] = []
let stop = () => {}

beforeEach(() => {
  vi.useFakeTimers()
  vi.stubGlobal('EventSource', Stream)
  vi.stubGlobal('BroadcastChannel', undefined)
  vi.stubGlobal('addEventListener', () => undefined)
  vi.stubGlobal('removeEventListener', () => undefined)
  vi.stubGlobal('navigator', {})
  Stream.opened = []
  heard.length = 0
  stop = listenToNews((news) => { heard.push(news) })
})

afterEach(() => {
  stop()
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

test('a stream that breaks off and comes back at once is never lost', () => {
  Stream.opened[0]?.breaks(0)
  vi.advanceTimersByTime(3_000)
  Stream.opened[0]?.onopen?.()
  vi.advanceTimersByTime(60_000)
  expect(heard).toEqual([])
  expect(Stream.opened).toHaveLength(1)
})

test('a stream that was refused is told as lost, and opened again until it is heard', () => {
  Stream.opened[0]?.breaks(Stream.CLOSED)
  vi.advanceTimersByTime(20_000)
  expect(heard).toEqual(['lost'])
  expect(Stream.opened).toHaveLength(2)
  Stream.opened[1]?.breaks(Stream.CLOSED)
  vi.advanceTimersByTime(20_000)
  expect(Stream.opened).toHaveLength(3)
  Stream.opened[2]?.onopen?.()
  Stream.opened[2]?.onmessage?.({ data: '{"missed":true}' })
  vi.advanceTimersByTime(60_000)
  expect(heard.at(-1)).toBe('missed')
  expect(Stream.opened).toHaveLength(3)
})

test('whoever has left opens nothing any more', () => {
  Stream.opened[0]?.breaks(Stream.CLOSED)
  stop()
  vi.advanceTimersByTime(60_000)
  expect(heard).toEqual([])
  expect(Stream.opened).toHaveLength(1)
})
