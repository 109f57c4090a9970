import { t } from '@lingui/core/macro'
import { useServerNow } from '../../shared/time/useServerNow'
import type { Rung } from '../../shared/ui/LevelField'
import { ActBar } from './ActBar'
import { Care } from './Care'
import { GateNotice } from './GateNotice'
import { Reached } from './Reached'
import { TimePlan } from './TimePlan'
import type { Visit } from './shapes'
import { Lane } from './RunLane'

/** The bowls at work: weigh, first touch, last touch, look, rinse; the gate before the first of them. */
export function RunStation({
  visit,
  ladder,
  formulates,
  letters,
}: { visit: Visit; ladder: Rung[]; formulates: boolean; letters: string[] }) {
  const now = useServerNow(visit.now)
  return (
    <div className="run-station">
      <GateNotice visit={visit} />
      <ActBar visit={visit} now={now} />
      <TimePlan visit={visit} now={now} />
      {visit.rounds.map((round) => (
        <section key={round.id} aria-label={round.name}>
          <h2>{round.name}</h2>
          {round.bowls.length === 0 ? <p className="quiet">{t`No bowls yet.`}</p> : null}
          {round.bowls.map((bowl) => (
            <Lane key={bowl.id} bowl={bowl} visit={visit} now={now} formulates={formulates} letters={letters} />
          ))}
          <Reached key={round.version} visit={visit} ladder={ladder} round={round} />
        </section>
      ))}
      <Care visit={visit} />
    </div>
  )
}
