import { t } from '@lingui/core/macro'

export type Keys = readonly (readonly [key: string, words: string])[]

const EVERYWHERE: Keys = [
  [
    'g',
    t`Today`,
  ], [
    'c',
    t`Clients`,
  ], ['m', t`Messages to clients`], ['w', t`Workbench`], ['s', t`Shelf`], ['h', t`House rules and team`],
  ['d', t`Light or dark`], ['?', t`The keys of the page you are on`],
]

const BENCH: Keys = [
  [
    'space',
    t`The next thing: begin, record, finish`,
  ], [
    '0–9',
    t`Grams by hand; with an empty bowl, its weight`,
  ], ['←', t`Undo the last step`], ['→', t`Take it as it is`],
  [
    '+',
    t`Something that was not planned goes in too`,
  ], [
    '1',
    t`Over target: keep the proportion`,
  ], ['2', t`Over target: accept it`], ['3', t`Over target: discard the bowl`],
  [
    '4',
    t`Over target: steer back, where that can be`,
  ], [
    'x',
    t`Throw the bowl away, with a reason`,
  ], [
    'w',
    t`Weigh back what is left`,
  ], ['b', t`Another batch`], ['n', t`The next bowl`], ['Esc', t`Close what is open; leave the bench`],
]

const VISIT: Keys = [
  [
    '1–6',
    t`Stations: read, canvas, formulate, place, run, close`,
  ], ['← →', t`On a lane of the plan of times: a minute earlier or later`], ['⇧ ← →', t`Five minutes`],
  ['space', t`On a part of the head: lay the bowl there, or take it away`],
]

/** The keys of the page at an address, its own first. */
export function keysOf(path: string): { page: string; own: Keys; everywhere: Keys } {
  const page = PAGES.find(([at]) => at.test(path))
  return {
    page: page?.[1] ?? t`This page`,
    own: page?.[2] ?? [],
    everywhere: path.startsWith('/bench') || path.startsWith('/wall')
      ? EVERYWHERE.filter(([key]) => key === '?')
      : EVERYWHERE,
  }
}

const PAGES: readonly (readonly [RegExp, string, Keys])[] = [
  [/^\/bench/, t`The bench`, BENCH],
  [/^\/visits\/[^/]+$/, t`A visit`, VISIT],
  [/^\/workbench/, t`Workbench`, [['1–9', t`Choose the instrument`], ['0', t`Open a formula`]]],
  [
    /^\/$/,
    t`Today`,
    [['← →', t`On a visit of the day: five minutes earlier or later`], ['⇧ ← →', t`A quarter of an hour`]],
  ],
  [/^\/shelf\/stock/, t`Stock`, [['Enter', t`While counting: on to the next product`]]],
]
