import { t } from '@lingui/core/macro'
import Form from 'react-bootstrap/Form'
import { useKept } from '../../shared/keep/useKept'
import { showClock } from '../../shared/format/time'
import type { Bowl, Visit } from './shapes'

/** The strands that a bowl lies on, by the zones of the canvas. */
function strandsOf(visit: Visit, bowl: Bowl) {
  return visit.picture.zones.flatMap((zone) =>
    zone.strands.filter((strand) =>
      strand.letters.includes(bowl.letter),
    ).map((strand) => ({
      key: `${zone.id} ${strand.key}`,
      zone: zone.id,
      strand: strand.key,
      name: zone.strands.length < 2 ? zone.name : `${zone.name}: ${strand.name}`,
    })))
}

/** What is seen when somebody looks: of which strands, at which level, in words; kept until it is marked. */
export function useLook(visit: Visit, bowl: Bowl) {
  const [where, setWhere] = useKept(`seen.where.${bowl.id}`)
  const [level, setLevel, levelArrived] = useKept(`seen.level.${bowl.id}`)
  const [words, setWords, wordsArrived] = useKept(`seen.${bowl.id}`)
  const strands = strandsOf(visit, bowl)
  const chosen = strands.find((each) => each.key === where) ?? (strands.length === 1 ? strands[0] : undefined)
  return {
    strands,
    chosen,
    level,
    words,
    setWhere,
    setLevel,
    setWords,
    /** As the mark tells it. */
    said: {
      ...(chosen === undefined ? {} : { zone: chosen.zone, strand: chosen.strand }),
      ...(level.trim() === '' ? {} : { level: level.trim().replace(',', '.') }),
    },
    done: () => {
      wordsArrived(words)
      levelArrived(level)
    },
  }
}

export function LookFields({ bowl, look }: { bowl: Bowl; look: ReturnType<typeof useLook> }) {
  return (
    <div className="look-fields" role="group" aria-label={t`What bowl ${bowl.letter} looks like`}>
      {look.strands.length < 2 ? null : (
        <Form.Select
          aria-label={t`Strands of bowl ${bowl.letter} that were looked at`}
          value={look.chosen?.key ?? ''}
          onChange={(event) => { look.setWhere(event.target.value) }}
        >
          <option value="">{t`which strands`}</option>
          {look.strands.map((each) => <option key={each.key} value={each.key}>{each.name}</option>)}
        </Form.Select>
      )}
      <Form.Control
        className="look-level"
        aria-label={t`Level seen of bowl ${bowl.letter}`}
        placeholder={t`level`}
        inputMode="decimal"
        maxLength={5}
        value={look.level}
        onChange={(event) => { look.setLevel(event.target.value) }}
      />
      <Form.Control
        aria-label={t`Words for what bowl ${bowl.letter} looks like`}
        placeholder={t`what was seen: orange-gold`}
        maxLength={200}
        value={look.words}
        onChange={(event) => { look.setWords(event.target.value) }}
      />
    </div>
  )
}

/** What was seen of a bowl’s strands, look by look, and how it goes on at that pace. */
export function SeenList({ visit, bowl }: { visit: Visit; bowl: Bowl }) {
  const seen = visit.picture.seen.filter((each) => each.bowl === bowl.id)
  if (seen.length === 0) return null
  return (
    <ul className="seen-list" aria-label={t`Seen of bowl ${bowl.letter}`}>
      {seen.map((each, at) => (
        <li key={each.at + String(at)}>
          <span className="quiet">
            {showClock(each.at)}
          </span> {[
            [each.zone, each.strand].filter((name) => name !== '').join(', '),
            each.level === null ? '' : t`level ${each.level}`,
            each.words,
          ].filter((said) =>
            said !== '',
          ).join(' · ')} {each.pace === null
            || at < seen.findLastIndex((other) => other.zone === each.zone && other.strand === each.strand)
            ? null
            : <strong>{each.pace}</strong>}
        </li>
      ))}
    </ul>
  )
}
