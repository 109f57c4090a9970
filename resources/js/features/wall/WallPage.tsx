import { t } from '@lingui/core/macro'
import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { showClock } from '../../shared/format/time'
import { lateBy, left } from '../../shared/time/left'
import { useServerNow } from '../../shared/time/useServerNow'
import { inkOf } from '../../shared/ui/ink'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Waiting } from '../../shared/ui/Waiting'
import { wall, type Head, type Wall } from '../../shared/visits/wall'

/** Every running clock of the salon, by who must act next, to be read across the room. */
export function WallPage() {
  const loaded = useQuery(wall)
  if (loaded.data === undefined) return loaded.error === null ? (
    <Waiting what={t`the wall`} />
  ) : (
    <ErrorNotice error={loaded.error} />
  )
  return <Clocks wall={loaded.data} error={loaded.error} />
}

function Clocks({ wall: { heads, now: told }, error }: { wall: Wall; error: Error | null }) {
  const now = useServerNow(told)
  const working = heads.filter((head) => head.onHair)
  const others = heads.filter((head) => !head.onHair)
  return (
    <main className="wall">
      <header>
        <Link to="/" className="brand">{t`Tinta`}</Link>
        <span className="wall-clock">{showClock(new Date(now).toISOString())}</span>
      </header>
      {error === null ? null : <ErrorNotice error={error} />}
      {working.length === 0 ? <p className="wall-empty">{t`Nobody has colour on.`}</p> : null}
      <ol>{working.map((head) => <WallHead key={head.id} head={head} now={now} />)}</ol>
      {others.length === 0 ? null : (
        <footer>
          {others.map((head) => <Link key={head.id} to={`/visits/${head.id}`}>
            <strong>{head.client}</strong> {head.next.what}
          </Link>)}
        </footer>
      )}
    </main>
  )
}

function WallHead({ head, now }: { head: Head; now: number }) {
  // A last touch is nobody's alarm: what follows it is what the room waits for.
  const [next, ...later] = head.times.acts.filter((act) => act.kind !== 'complete')
  const late = next === undefined ? 0 : lateBy(next, head.times.now, now)
  const due = next !== undefined && new Date(next.at).getTime() <= now
  return (
    <li className={`wall-head ${due ? 'wall-due' : ''} ${next?.over === true ? 'wall-over' : ''}`}>
      <Link to={`/visits/${head.id}?at=run`}>
        <span className="wall-left">{next === undefined ? '–' : left(next.at, now)}</span>
        <span className="wall-act">
          {next?.words ?? head.next.what}{late > 0 ? <em> {t` ${late} min late`}</em> : null}
        </span>
        <span className="wall-who">{head.client} <small>{head.colourist.name}</small></span>
        <span className="wall-bowls">
          {head.times.bowls.filter((bowl) =>
            bowl.begun && !bowl.rinsed,
          ).map((bowl) => <b key={bowl.letter} className={`brush ink-${inkOf(bowl.letter).name}`}>{bowl.letter}</b>)}
          <small>{later.slice(0, 2).map((act) => `${showClock(act.at)} ${act.words}`).join(' · ')}</small>
        </span>
      </Link>
    </li>
  )
}
