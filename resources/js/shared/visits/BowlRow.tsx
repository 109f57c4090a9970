import { t } from '@lingui/core/macro'
import { Mass } from '../ui/Mass'
import { BowlGlyph } from '../ui/BowlGlyph'
import type { VisitLine } from './visitLine'

type Bowl = VisitLine['bowls'][number]

const STATE: Record<Bowl['state'], string> = { planned: t`○ planned`, weighing: t`◐ weighing`, mixed: t`● mixed` }

/** Equal wedges of the bowl's shades: a sign to know it by, not its weights. */
export function bowlSign(bowl: Bowl) {
  return bowl.swatches.map((colour, index) => ({ key: String(index), wedge: 1 / bowl.swatches.length, colour }))
}

/** A bowl in one line: glyph, job, formula, what was used. */
export function BowlRow({ bowl, showState }: { bowl: Bowl; showState: boolean }) {
  return (
    <div className="bowl-row">
      <BowlGlyph letter={bowl.letter} wedges={bowlSign(bowl)} size={44} label={t`Bowl ${bowl.letter}`} />
      <div className="bowl-row-words">
        <div>
          <strong>{bowl.job}</strong> <span className="quiet">{bowl.line}</span>
        </div>
        <div className="formula">
          {bowl.poured === '' ? <>{bowl.colour} <span className="quiet">·</span> {bowl.developer}</> : bowl.poured}
        </div>
      </div>
      <div className="bowl-row-end">
        {bowl.used === null ? null : (
          <span><span className="quiet">{t`used`}</span> <span className="grams"><Mass of={bowl.used} /></span></span>
        )}
        {showState ? <span className={`state state-${bowl.state}`}>{STATE[bowl.state]}</span> : null}
      </div>
    </div>
  )
}
