import { t } from '@lingui/core/macro'
import { useState, type ReactNode } from 'react'
import Form from 'react-bootstrap/Form'
import { Mass } from '../../shared/ui/Mass'
import { FieldProblem } from '../../shared/ui/Field'
import { Press } from '../../shared/ui/Press'
import { AskDoubt, InDoubt, namesOf } from './Doubts'
import { problemAt } from './problems'
import { ShadePicker } from '../../shared/shelf/ShadePicker'
import type { Shelf, ShelfLine } from '../../shared/shelf/shelf'
import { ShadeButton } from './ShadeButton'
import { StandIns } from './StandIns'
import type { Bowl, Entry, Sheet, WorkedIngredient } from './shapes'
import { GramsOf, leftOf, HouseBlends, LeftOver } from './MixedParts'

/** What was all of it makes room for another: equal parts until somebody says otherwise. */
const shared = (entries: Entry[]) => entries.map((entry) => (entry.share === 'all' ? { ...entry, share: '1' } : entry))

/** The products of one part: what, which share, and the grams the core makes of it. */
export function PartEditor(props: {
  index: number
  isDeveloper: boolean
  title: string
  line: ShelfLine
  shelf: Shelf
  entries: Entry[]
  worked: WorkedIngredient[]
  total: string | undefined
  error: Error | null
  /** Other bowls of the visit, whose leftovers may go in. */
  sources: Bowl[]
  sheet: Sheet
  visit: string | undefined
  onSheet: (sheet: Sheet) => void
  tail?: ReactNode
  onChange: (entries: Entry[]) => void
}) {
  const { index, entries, onChange } = props
  const [picking, setPicking] = useState<number | null>(null)
  const [replacing, setReplacing] = useState<string | null>(null)
  const set = (at: number, change: Partial<Entry>) => {
    onChange(entries.map((entry, each) => (each === at ? { ...entry, ...change } : entry)))
  }
  const pick = (product: string) => {
    if (picking === null) return
    if (picking < entries.length) set(picking, { product })
    else onChange([...shared(entries), { product, share: entries.length === 0 ? 'all' : '1' }])
    setPicking(null)
  }
  const named = props.isDeveloper
    ? props.shelf.developers.filter((each) =>
      props.line.developers.includes(each.id),
    ).map(({ id, label }) => ({ id, label }))
    : namesOf(props.line)
  const workedOf = (entry: Entry) => props.worked.find((each) => (entry.product === undefined
    ? each.label === entry.words?.trim()
    : each.product === entry.product))
  const addDeveloper = () => {
    const free = props.line.developers.find((id) => !entries.some((entry) => entry.product === id))
    if (free !== undefined) onChange([...shared(entries), { product: free, share: entries.length === 0 ? 'all' : '1' }])
  }
  return (
    <fieldset className="part">
      <legend>
        {props.title} <span className="grams"><Mass of={props.total ?? ''} /></span>
      </legend>
      {entries.map((entry, at) => (
        <div key={entry.product ?? entry.blend ?? `unnamed ${at}`} className="part-row">
          {entry.words !== undefined ? (
            <Form.Control
              aria-label={t`What ${props.title} ${at + 1} was`}
              placeholder={t`something violet, the tube with the dent…`}
              value={entry.words}
              maxLength={80}
              onChange={(event) => { set(at, { words: event.target.value }) }}
            />
          ) : props.isDeveloper ? (
            <Form.Select
              aria-label={t`Developer ${at + 1}`}
              value={entry.product ?? ''}
              onChange={(event) => { set(at, { product: event.target.value }) }}
            >
              {props.line.developers.map((id) => (
                <option key={id} value={id}>
                  {props.shelf.developers.find((developer) => developer.id === id)?.label}
                </option>
              ))}
            </Form.Select>
          ) : (
            <ShadeButton
              line={props.line}
              product={entry.product ?? ''}
              words={entry.blend === undefined
                ? leftOf(props.sources, entry.product)
                : t`${entry.blend}, version ${entry.version ?? 1}`}
              onPress={() => { setPicking(at) }}
            />
          )}
          <Form.Control
            aria-label={t`Share of ${props.title} ${at + 1}`}
            className="share"
            value={entry.share}
            isInvalid={problemAt(props.error, `/parts/${index}/ingredients/${at}/share`) !== undefined}
            onChange={(event) => { set(at, { share: event.target.value, said: undefined }) }}
          />
          <GramsOf worked={workedOf(entry)} product={entry.product} />
          <span className="percent">{workedOf(entry)?.percent}</span>
          {index === 0 && props.line.products.find((each) => each.id === entry.product)?.kind === 'shade' ? (
            <Press
              kind="quiet"
              label={t`${props.line.products.find((each) => each.id === entry.product)?.code ?? t`This shade`} is out: find a stand-in`}
              onPress={() => { setReplacing(entry.product ?? null) }}
            >{t`out?`}</Press>
          ) : <span />}
          <Press
            kind="quiet"
            label={t`How much of ${props.title} ${at + 1} is not known`}
            onPress={() => { set(at, { share: '?', said: undefined }) }}
          >?</Press>
          <Press
            kind="quiet"
            label={t`Take ${props.title} ${at + 1} out`}
            onPress={() => { onChange(entries.filter((_, each) => each !== at)) }}
          >
            ✕
          </Press>
          <InDoubt entry={entry} named={named} onChange={(change) => { set(at, change) }} />
          {entry.said === undefined || entry.said === '' ? null : (
            <span className="wanted">{t`said: ${entry.said}`}</span>
          )}
          {entry.wanted === undefined || entry.wanted === '' ? null : (
            <span className="wanted">{t`for ${entry.wanted}${entry.why === undefined ? '' : `: ${entry.why}`}`}</span>
          )}
          <FieldProblem
            problem={problemAt(props.error, `/parts/${index}/ingredients/${at}/share`)
              ?? problemAt(props.error, `/parts/${index}/ingredients/${at}/product`)}
          />
        </div>
      ))}
      <FieldProblem problem={problemAt(props.error, `/parts/${index}/ingredients`)} />
      <div className="part-tail">
        <Press
          kind="quiet"
          id={`add-${index}`}
          onPress={() => { if (props.isDeveloper) addDeveloper(); else setPicking(entries.length) }}
        >
          + {props.isDeveloper ? t`developer` : index === 0 ? t`shade` : t`product`}
        </Press>
        {index === 0 ? (
          <HouseBlends
            shelf={props.shelf}
            line={props.line.id}
            taken={entries}
            onTake={(blend) => {
              onChange([
                ...shared(entries),
                { blend: blend.name, version: blend.version, share: entries.length === 0 ? 'all' : '1' },
              ])
            }}
          />
        ) : null}
        {index === 0 ? (
          <LeftOver
            sources={props.sources}
            taken={entries}
            onTake={(product) => { onChange([...entries, { product, share: '' }]) }}
          />
        ) : null}
        <AskDoubt entries={entries} named={named} onDoubt={(at) => { set(at, { doubt: true }) }} />
        <Press
          kind="quiet"
          label={t`Something in ${props.title} that nobody can name`}
          onPress={() => { onChange([...shared(entries), { words: '', share: '?' }]) }}
        >{t`+ unnamed`}</Press>
        {props.tail}
      </div>
      {replacing === null ? null : (
        <StandIns
          sheet={props.sheet}
          product={replacing}
          visit={props.visit}
          onTake={(next) => { props.onSheet(next); setReplacing(null) }}
          onClose={() => { setReplacing(null) }}
        />
      )}
      {picking === null ? null : (
        <ShadePicker
          line={props.line}
          kinds="colour"
          onPick={(product) => { pick(product.id) }}
          onClose={() => { setPicking(null) }}
        />
      )}
    </fieldset>
  )
}
