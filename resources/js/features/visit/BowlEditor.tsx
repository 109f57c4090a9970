import { t } from '@lingui/core/macro'
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import type { ReactNode } from 'react'
import Form from 'react-bootstrap/Form'
import { Field } from '../../shared/ui/Field'
import { ErrorNotice } from '../../shared/ui/Notice'
import { preview } from './formulaApi'
import { BowlCautions } from './BowlCautions'
import { AmountFields } from './AmountFields'
import { BowlDetails } from './BowlDetails'
import { BowlTotals } from './BowlTotals'
import { AdditiveEditor } from './AdditiveEditor'
import { PartEditor } from './PartEditor'
import { aboutTyped, isGeneral, problemAt } from './problems'
import type { Shelf } from '../../shared/shelf/shelf'
import { partsOf } from './drafts'
import type { Picture, Sheet, Visit } from './shapes'
import { usePaused } from './usePaused'
import { StrengthWish } from './StrengthWish'
import { AmountSuggestion } from './AmountSuggestion'
import { TITLES } from './bowlWords'

/** A bowl as it is planned; the core works it while it is typed. */
export function BowlEditor(
  props: {
    shelf: Shelf
    sheet: Sheet
    visit?: Visit
    amount?: Picture['amounts'][string]
    saveError: Error | null
    onChange: (sheet: Sheet) => void
    tools?: ReactNode
  },
) {
  const { shelf, sheet, saveError, onChange } = props
  const worked = useQuery({ ...preview(usePaused(sheet), props.visit?.id), placeholderData: keepPreviousData })
  const line = shelf.lines.find((each) => each.id === sheet.line)
  const error = saveError ?? aboutTyped(worked.error, sheet)
  const set = (change: Partial<Sheet>) => { onChange({ ...sheet, ...change }) }
  const setPart = (index: number, ingredients: Sheet['parts'][number]['ingredients']) => {
    set({ parts: sheet.parts.map((part, each) => (each === index ? { ingredients } : part)) })
  }
  const changeLine = (id: string) => {
    const next = shelf.lines.find((each) => each.id === id)
    if (next === undefined) return
    const kept = sheet.parts.flatMap((part) => part.ingredients).filter((entry) =>
      next.developers.includes(entry.product ?? ''),
    )
    const parts = partsOf(
      next.ratio,
      next,
    ).map((part, index) => (next.order[index] === 'developer' && kept.length > 0 ? { ingredients: kept } : part))
    set({ line: id, ratio: next.ratio, parts, additives: [] })
  }
  const fill = (text: string) => {
    set({ ratio: text, ...(line === undefined ? {} : { parts: partsOf(text, line, sheet.parts) }) })
  }
  if (line === undefined) return null
  return (
    <div className="bowl-editor">
      <div className="bowl-form">
        <div className="field-row">
          <Field id="letter" label={t`Bowl`} problem={problemAt(error, '/letter')} className="narrow">
            <Form.Control
              value={sheet.letter}
              maxLength={2}
              onChange={(event) => { set({ letter: event.target.value.toUpperCase() }) }}
            />
          </Field>
          <Field id="job" label={t`Job`} className="wide">
            <Form.Control
              value={sheet.job}
              maxLength={80}
              placeholder={t`Root, gloss, foils…`}
              onChange={(event) => { set({ job: event.target.value }) }}
            />
          </Field>
          <Field id="line" label={t`Line`} problem={problemAt(error, '/line')}>
            <Form.Select value={sheet.line} onChange={(event) => { changeLine(event.target.value) }}>
              {shelf.lines.filter((each) => !each.withdrawn || each.id === sheet.line).map((each) => (
                <option key={each.id} value={each.id}>
                  {each.name}
                </option>
              ))}
            </Form.Select>
          </Field>
        </div>
        <AmountFields sheet={sheet} line={line} shelf={shelf} error={error} set={set} onRatio={fill} />
        <div className="parts">
          {sheet.parts.map((part, index) => (
            <PartEditor
              key={`${line.order[index] ?? 'base'} ${index}`}
              index={index}
              isDeveloper={line.order[index] === 'developer'}
              title={index === 3 ? t`Fourth part` : TITLES[line.order[index] ?? 'base']}
              line={line}
              shelf={shelf}
              entries={part.ingredients}
              worked={worked.data?.parts[index]?.ingredients ?? []}
              total={worked.data?.parts[index]?.grams}
              error={error}
              sources={props.visit?.rounds.flatMap((round) => round.bowls).filter((bowl) =>
                bowl.letter !== sheet.letter,
              )
                ?? []}
              sheet={sheet}
              visit={props.visit?.id}
              onSheet={onChange}
              tail={line.order[index] === 'developer' ? (
                <StrengthWish line={line.id} onBlend={(ingredients) => { setPart(index, ingredients) }} />
              ) : null}
              onChange={(entries) => { setPart(index, entries) }}
            />
          ))}
          <AdditiveEditor
            line={line}
            sheet={sheet}
            worked={worked.data?.additives ?? []}
            error={error}
            onChange={(additives) => { set({ additives }) }}
          />
        </div>
        {props.amount === undefined || props.amount === null ? null : (
          <AmountSuggestion
            amount={props.amount}
            onTake={(grams) => {
              set({ amount: { of: props.amount?.of ?? 'total', grams, ingredient: null }, uses: undefined })
            }}
          />
        )}
        {props.visit === undefined ? null : (
          <BowlDetails shelf={shelf} line={line} sheet={sheet} visit={props.visit} error={error} onChange={onChange} />
        )}
        {props.tools}
        <Field id="note" label={t`Note`} problem={problemAt(error, '/note')}>
          <Form.Control
            value={sheet.note}
            maxLength={2000}
            onChange={(event) => { set({ note: event.target.value }) }}
          />
        </Field>
        <BowlCautions
          warnings={worked.data?.warnings ?? []}
          meant={sheet.meant}
          onMeant={(keys) => { set({ meant: keys.length === 0 ? undefined : keys }) }}
        />
        {isGeneral(error) ? <ErrorNotice error={error} /> : null}
      </div>
      <BowlTotals
        letter={sheet.letter}
        worked={worked.data ?? null}
        shelf={shelf}
        line={line}
        stale={worked.error !== null || worked.isPlaceholderData}
        error={error}
      />
    </div>
  )
}
