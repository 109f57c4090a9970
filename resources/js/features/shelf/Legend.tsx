import { t } from '@lingui/core/macro'
import Form from 'react-bootstrap/Form'
import { named } from '../../shared/words/named'
import type { Problem } from '../../shared/api/http'
import { FieldProblem } from '../../shared/ui/Field'
import { FAMILIES } from '../../shared/ui/families'
import { OneOf } from '../../shared/ui/OneOf'
import type { LineDraft } from './lineDraft'
import { TakeAway } from './LinePart'
import { Finer } from './LegendFiner'

const NOTATIONS = [['letters', t`letters: 6N, 7G`], ['digits', t`digits: 7.3, 6/43`]] as const

const MARKS = [['intense', t`more intense`], ['muted', t`muted`], ['nothing', t`nothing of level or tone`]] as const

/** What the line's letters or digits mean: tried on its codes as it is typed. */
export function Legend({
  draft,
  edit,
  problem,
}: { draft: LineDraft; edit: (next: Partial<LineDraft>) => void; problem: (at: string) => Problem | undefined }) {
  const digits = draft.notation === 'digits'
  const free = (digits ? [...'123456789'] : [...'NAGCRVBPM']).find((key) =>
    !draft.tones.some((each) => each.key === key),
  )
    ?? ''
  return (
    <>
      <h2>{t`Legend`}</h2>
      <OneOf
        label={t`Codes are written in`}
        all={NOTATIONS}
        on={draft.notation}
        onChange={(notation) => {
          if (notation !== null) edit({ notation: notation === 'digits' ? 'digits' : 'letters' })
        }}
      />
      <ul className="legend-tones">
        {draft.tones.map((tone, at) => {
          const set = (next: Partial<typeof tone>) => {
            edit({ tones: draft.tones.map((each, place) => (place === at ? { ...each, ...next } : each)) })
          }
          const [first = '', second = ''] = Object.keys(tone.weights)
          return (
            <li key={at}>
              <Form.Control
                aria-label={t`Letter or digit`}
                className="legend-key"
                maxLength={4}
                value={tone.key}
                onChange={(event) => { set({ key: event.target.value }) }}
              />
              <Form.Select
                aria-label={t`${tone.key} means`}
                value={first}
                onChange={(event) => { set({ weights: weighed(event.target.value, second) }) }}
              >
                <option value="">{t`means…`}</option>
                {FAMILIES.map((family) => <option key={family} value={family}>{named(family)}</option>)}
              </Form.Select>
              <Form.Select
                aria-label={t`${tone.key}, with some`}
                value={second}
                disabled={first === ''}
                onChange={(event) => { set({ weights: weighed(first, event.target.value) }) }}
              >
                <option value="">{t`and no other`}</option>
                {FAMILIES.filter((family) =>
                  family !== first,
                ).map((family) => <option key={family} value={family}>{t`with some ${named(family)}`}</option>)}
              </Form.Select>
              <TakeAway
                what={t`${tone.key} of the legend`}
                onPress={() => { edit({ tones: draft.tones.filter((_, place) => place !== at) }) }}
              />
            </li>
          )
        })}
      </ul>
      <FieldProblem problem={problem('tones')} />
      <div className="chips">
        <button
          type="button"
          className="chip"
          onClick={() => { edit({ tones: [...draft.tones, { key: free, weights: {} }] }) }}
        >+ {digits ? t`digit` : t`letters`}</button>
        <button
          type="button"
          className="chip"
          onClick={() => {
            edit({ marks: [...draft.marks, { mark: draft.marks.length === 0 ? '+' : '', says: 'intense' }] })
          }}
        >{t`+ mark behind the code`}</button>
      </div>
      <ul className="legend-tones">
        {draft.marks.map((mark, at) => (
          <li key={at}>
            <Form.Control
              aria-label={t`Mark`}
              className="legend-key"
              maxLength={4}
              value={mark.mark}
              onChange={(event) => {
                edit({
                  marks: draft.marks.map((each, place) => (place === at
                    ? { ...each, mark: event.target.value }
                    : each)),
                })
              }}
            />
            <Form.Select
              aria-label={t`${mark.mark} says`}
              value={mark.says}
              onChange={(event) => {
                edit({
                  marks: draft.marks.map((each, place) => (place === at
                    ? { ...each, says: event.target.value }
                    : each)),
                })
              }}
            >
              {MARKS.map(([value, words]) => <option key={value} value={value}>{t`says: ${words}`}</option>)}
            </Form.Select>
            <TakeAway
              what={t`The mark ${mark.mark}`}
              onPress={() => { edit({ marks: draft.marks.filter((_, place) => place !== at) }) }}
            />
          </li>
        ))}
      </ul>
      <FieldProblem problem={problem('marks')} />
      <Finer draft={draft} edit={edit} problem={problem} />
    </>
  )
}

/** Weight 2 to 1, as makers mostly mean a first and a second tone. */
function weighed(first: string, second: string): Record<string, string> {
  if (first === '') return {}
  return second === '' || second === first ? { [first]: '1' } : { [first]: '2', [second]: '1' }
}
