import { t } from '@lingui/core/macro'
import { useQuery } from '@tanstack/react-query'
import { useParams } from 'react-router'
import { encode } from 'uqr'
import { named, toneNamed } from '../../shared/words/named'
import { showClock, showDate, showDay } from '../../shared/format/time'
import { HeadMap } from '../../shared/ui/HeadMap'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { Waiting } from '../../shared/ui/Waiting'
import { visit as visitQuery } from './api'
import { careWords } from './Care'
import { PatternList } from './PlaceParts'
import { MeantWas } from './MeantWas'
import { qrPath } from '../../shared/ui/qrPath'
import type { Visit } from './shapes'
import { TimeLanes } from './TimeLanes'
import { CardBowl } from './CardBowl'
import { CanvasTable } from './CanvasTable'

/** One page from which somebody who was not there does the same tomorrow; on screen and on paper. */
export function CardPage() {
  const { id = '' } = useParams()
  const loaded = useQuery(visitQuery(id))
  if (loaded.data === undefined) return loaded.error === null ? (
    <Waiting what={t`the card`} />
  ) : (
    <ErrorNotice error={loaded.error} />
  )
  return <Card visit={loaded.data} />
}

function Card({ visit }: { visit: Visit }) {
  const address = `${location.origin}/visits/${visit.id}`
  const code = encode(address, { ecc: 'M', border: 2 })
  const skin = Object.values(visit.gate.states).map((state) => `${state.line}: ${state.words}`)
  return (
    <article className="card-sheet" data-bs-theme="light" aria-label={t`Handover card`}>
      <header className="card-head">
        <div>
          <h1>{visit.client.name}</h1>
          <p>
            <strong>
              {visit.service}
            </strong> · {showDay(visit.startsAt)}, {showClock(visit.startsAt)} · {visit.colourist.name}
            {visit.verdict === null ? '' : t` · came out ${named(visit.verdict)}`}
          </p>
          <p className="card-cautions">
            {visit.client.cautions === '' ? null : <strong>! {visit.client.cautions} </strong>}
            {t`${visit.gate.waived === '' ? skin.join('; ') : t`Skin test waived: ${visit.gate.waived}`}${skin.length === 0 && visit.gate.waived === '' ? '' : '. '}Follow the maker’s instructions and local rules; gloves, ventilation, barrier cream.`}
          </p>
        </div>
        <svg
          className="card-qr"
          viewBox={`0 0 ${code.size} ${code.size}`}
          role="img"
          aria-label={t`QR code of this visit`}
        >
          <rect width={code.size} height={code.size} fill="#ffffff" />
          <path d={qrPath(code.data)} fill="#000000" />
        </svg>
        <div className="card-tools">
          <a className="btn btn-link press" href={`/api/visits/${visit.id}/file`} download>{t`As a file`}</a>
          <Press kind="main" onPress={() => { print() }}>{t`Print`}</Press>
        </div>
      </header>
      <div className="card-body">
        <div>
          {visit.rounds.map((round, index) => (
            <section key={round.id}>
              <h2>{index + 1}. {round.name}</h2>
              {round.bowls.map((bowl) => <CardBowl
                key={bowl.id}
                bowl={bowl}
                closed={visit.status === 'closed'}
                seen={visit.picture.seen.filter((each) => each.bowl === bowl.id)}
                planned={visit.status === 'expected'
                  ? visit.times.bowls.find((each) => each.bowl === bowl.id)
                  : undefined}
              />)}
              {round.reached.length === 0 ? null : (
                <p className="card-reached">
                  <strong>{t`Reached:`}</strong>{' '}
                  {round.reached.map((each) => `${visit.picture.zones.find((zone) => zone.id === each.zone)?.name ?? each.zone} ${each.level ?? ''} ${toneNamed(each.tone)} ${each.words}`.trim()).join('; ')}
                </p>
              )}
            </section>
          ))}
          {visit.times.bowls.length === 0 ? null : (
            <section className="card-times" aria-label={t`Times`}>
              <TimeLanes
                times={visit.times}
                now={null}
                jobs={Object.fromEntries(
                  visit.rounds.flatMap((round) => round.bowls).map((each) => [each.id, each.job]),
                )}
                chosen={null}
              />
              <MeantWas times={visit.times} />
            </section>
          )}
        </div>
        <div className="card-side">
          <div className="card-maps">
            {(visit.picture.maps.length < 2
              ? [{ round: -1, cells: visit.picture.cells }]
              : visit.picture.maps).map((map) => (
              <figure key={map.round}>
                <HeadMap cells={map.cells} uncovered={[]} doubled={[]} />
                {map.round < 0 ? null : <figcaption>{map.round + 1}. {visit.rounds[map.round]?.name}</figcaption>}
              </figure>
            ))}
          </div>
          <p className="card-legend">{t`Cells: root, regrowth, mids, ends.`}</p>
          <PatternList picture={visit.picture} />
          <CanvasTable visit={visit} />
        </div>
      </div>
      <footer className="card-foot">
        {visit.canvas.canvas.worn === '' ? null : <p>{t`Worn: ${visit.canvas.canvas.worn}`}</p>}
        {visit.canvas.canvas.target === '' ? null : <p>{t`To match: ${visit.canvas.canvas.target}`}</p>}
        {visit.care.steps.length === 0 ? null : (
          <p>
            <strong>{t`Care:`}</strong> {visit.care.steps.map(careWords).join('; ')}
            {visit.care.minutes === 0
              ? ''
              : t` (${visit.care.minutes} min${visit.care.price === '' ? '' : `, ${visit.care.price}`})`}
          </p>
        )}
        {visit.note === '' ? null : <p>{visit.note}</p>}
        {visit.outcome === '' ? null : <p><strong>{t`Came of it:`}</strong> {visit.outcome}</p>}
        {visit.keep === '' ? null : <p><strong>{t`Keep:`}</strong> {visit.keep}</p>}
        {visit.change === '' ? null : <p><strong>{t`Change:`}</strong> {visit.change}</p>}
        {visit.proposals.filter((each) =>
          each.state === 'applied',
        ).map((each) => <p key={each.id}>
          <strong>
            {each.letter}
          </strong> {each.words} {each.before === '' ? '' : `${each.before} → ${each.after}`} ({each.reason})
        </p>)}
        {visit.amendments.map((each) => <p key={each.at + each.why}>
          <strong>{t`Corrected`}</strong> {showDay(each.at)}, {each.by}:{' '}
          {each.what.map((what) => what.field).join(', ')} ({each.why})
        </p>)}
        {visit.nextOn === null ? null : <p><strong>{t`Next:`}</strong> {showDate(visit.nextOn)}</p>}
        <p className="card-address">{address}</p>
      </footer>
    </article>
  )
}
