import { t } from '@lingui/core/macro'
import { useState } from 'react'
import { named } from '../../shared/words/named'
import { inkOf } from '../../shared/ui/ink'
import { Press } from '../../shared/ui/Press'
import { StrandRibbon } from '../../shared/ui/StrandRibbon'
import type { DeskProps } from './FormulateStation'
import { RoundMap } from './RoundMap'
import type { Stroke } from './shapes'
import { StrokeFields } from './StrokeFields'
import { SavePlace, PatternList, PlannedTimes } from './PlaceParts'
import { NEW, ribbonOf } from './strokes'

/** Paint the bowl under the hand on the head: choose the spans, press the regions; say how, in which order, by whom. */
export function PlaceStation(props: DeskProps) {
  const { draft, editable, picture, visit } = props
  const [at, setAt] = useState(0)
  const strokes = draft?.sheet.place ?? []
  const current = strokes[at] ?? strokes[0]
  const index = current === undefined ? 0 : strokes.indexOf(current)
  const put = (place: Stroke[]) => { if (draft !== null) props.onDraft({ ...draft, sheet: { ...draft.sheet, place } }) }
  const set = (change: Partial<Stroke>) => {
    if (current === undefined) put([{ ...NEW, ...change }])
    else put(strokes.map((each, place) => (place === index ? { ...each, ...change } : each)))
  }
  const press = (region: string) => {
    const regions = current?.regions ?? []
    set({ regions: regions.includes(region) ? regions.filter((each) => each !== region) : [...regions, region] })
  }
  return (
    <div className="place-station">
      <div className="place-map">
        <RoundMap
          visit={visit}
          picture={picture}
          chosen={current?.regions}
          onRegion={draft !== null && editable ? press : undefined}
        />
        <StrandRibbon bowls={ribbonOf(picture)} />
      </div>
      <div className="place-form">
        {draft === null ? <p className="quiet">{t`Choose a bowl on the left.`}</p> : (
          <>
            <h2>
              <span className={`brush ink-${inkOf(draft.sheet.letter).name}`}>
                {draft.sheet.letter}
              </span> {draft.sheet.job === '' ? t`Bowl` : draft.sheet.job}
            </h2>
            <fieldset disabled={!editable}>
              <div className="zone-tabs">
                {strokes.length === 0 ? null : (
                  <div className="tab-list" role="tablist" aria-label={t`Strokes of this bowl`}>
                    {strokes.map((stroke, place) => (
                      <button
                        key={place}
                        type="button"
                        role="tab"
                        aria-selected={place === index}
                        className="zone-tab"
                        onClick={() => { setAt(place) }}
                      >
                        {stroke.order === undefined || stroke.order === null || stroke.order === '' ? '' : `${stroke.order}. `}
                        {stroke.regions.length === 0 ? t`all over` : stroke.regions.map(named).join(', ')} <span className="quiet">{stroke.spans.map(named).join('–')}</span>
                      </button>
                    ))}
                  </div>
                )}
                {editable ? (
                  <Press
                    kind="quiet"
                    id="add-stroke"
                    onPress={() => { put([...strokes, { ...NEW, regions: [] }]); setAt(strokes.length) }}
                  >{t`+ stroke`}</Press>
                ) : null}
              </div>
              {current === undefined
                ? <p className="quiet">{t`Press a region on the head, or “+ stroke” for all over.`}</p>
                : (
                  <StrokeFields
                    current={current}
                    visit={visit}
                    letter={draft.sheet.letter}
                    set={set}
                    onOut={() => { put(strokes.filter((_, place) => place !== index)); setAt(0) }}
                  />
                )}
            </fieldset>
            {editable ? <SavePlace {...props} /> : null}
          </>
        )}
      </div>
      <PatternList picture={picture} />
      <PlannedTimes visit={visit} />
    </div>
  )
}
