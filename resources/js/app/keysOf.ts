export type Keys = readonly (readonly [key: string, words: string])[]

const EVERYWHERE: Keys = [
  ['g', 'Today'], ['c', 'Clients'], ['m', 'Messages to clients'], ['w', 'Workbench'], ['s', 'Shelf'], ['h', 'House rules and team'],
  ['d', 'Light or dark'], ['?', 'The keys of the page you are on'],
]

const BENCH: Keys = [
  ['space', 'The next thing: begin, record, finish'], ['0–9', 'Grams by hand; with an empty bowl, its weight'], ['←', 'Undo the last step'], ['→', 'Take it as it is'],
  ['+', 'Something that was not planned goes in too'], ['1', 'Over target: keep the proportion'], ['2', 'Over target: accept it'], ['3', 'Over target: discard the bowl'],
  ['4', 'Over target: steer back, where that can be'], ['x', 'Throw the bowl away, with a reason'], ['w', 'Weigh back what is left'], ['b', 'Another batch'], ['n', 'The next bowl'], ['Esc', 'Close what is open; leave the bench'],
]

const VISIT: Keys = [
  ['1–6', 'Stations: read, canvas, formulate, place, run, close'], ['← →', 'On a lane of the plan of times: a minute earlier or later'], ['⇧ ← →', 'Five minutes'],
  ['space', 'On a part of the head: lay the bowl there, or take it away'],
]

/** The keys of the page at an address, its own first. */
export function keysOf(path: string): { page: string; own: Keys; everywhere: Keys } {
  const page = PAGES.find(([at]) => at.test(path))
  return { page: page?.[1] ?? 'This page', own: page?.[2] ?? [], everywhere: path.startsWith('/bench') || path.startsWith('/wall') ? EVERYWHERE.filter(([key]) => key === '?') : EVERYWHERE }
}

const PAGES: readonly (readonly [RegExp, string, Keys])[] = [
  [/^\/bench/, 'The bench', BENCH],
  [/^\/visits\/[^/]+$/, 'A visit', VISIT],
  [/^\/workbench/, 'Workbench', [['1–9', 'Choose the instrument'], ['0', 'Open a formula']]],
  [/^\/$/, 'Today', [['← →', 'On a visit of the day: five minutes earlier or later'], ['⇧ ← →', 'A quarter of an hour']]],
  [/^\/shelf\/stock/, 'Stock', [['Enter', 'While counting: on to the next product']]],
]
