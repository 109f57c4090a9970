import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { Link, useNavigate } from 'react-router'
import * as z from 'zod/mini'
import { postJson } from '../../shared/api/http'
import { newId } from '../../shared/api/newId'
import { useMember } from '../../shared/session/member'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { WORDS } from './words'

/** A bowl on a practice head, and the bench with somebody beside it. */
function FirstBowlPress() {
  const go = useNavigate()
  const make = useMutation({
    mutationFn: async () => z.object({ bowl: z.string() }).parse(await postJson('practice/bowl', { id: newId() })).bowl,
    onSuccess: (bowl) => go(`/bench/${bowl}?guide=yes`),
  })
  return (
    <div className="guide-first">
      <Press kind="main" id="first-bowl" disabled={make.isPending} onPress={() => { make.mutate() }}>
        {t`Weigh your first bowl`}
      </Press>
      <span className="quiet">
        {t`On a practice head, with somebody beside you at each step; nothing of it stands in the salon’s records.`}
      </span>
      {make.error === null ? null : <ErrorNotice error={make.error} />}
    </div>
  )
}

/** The first ten minutes, and the words. */
export function GuidePage() {
  const member = useMember()
  const [search, setSearch] = useState('')
  const asked = search.trim().toLowerCase()
  const found = WORDS.filter(([word, says]) => word.includes(asked) || says.toLowerCase().includes(asked))
  return (
    <div className="page guide">
      <h1>{t`The first ten minutes`}</h1>
      <p className="lead-line">
        {t`A visit from the first gram to the next time. Nothing you do at the bench is lost: press twice, press wrong, walk away.`}
      </p>
      <FirstBowlPress />
      <ol className="guide-steps">
        <li>
          <Trans>
            <strong>Weigh.</strong> On <Link to="/">Today</Link>, under “Needs a hand next”, press “Weigh bowl A”. Put
            an empty bowl on the scale and say that it is empty: only then does a gram count.
          </Trans>
        </li>
        <li>
          <strong>{t`Pour.`}</strong>{' '}
          {member.scaleSimulated
            ? <>
              <Trans>
                The scale here is a simulated one: open the{' '}
                <Link to="/panel" target="_blank" rel="noreferrer">pour panel</Link> in a second window and pour there.
              </Trans>
            </>
            : t`Pour the product that stands there large.`}{' '}
          {t`The number says what is still to go; “On target” is within what a hand may miss. Space records it and goes on to the next. Without a scale, type the grams.`}
        </li>
        <li>
          <Trans>
            <strong>Pour too much, on purpose.</strong> You are asked what becomes of it: the rest in proportion,
            steered back by something that was not planned, taken as it is, or thrown away. Each says its cost before
            you choose.
          </Trans>
        </li>
        <li>
          <Trans>
            <strong>Run.</strong> Back in the visit, station 5: say when the bowl goes on. One plan finishes everything
            together; every device shows the same clocks, and so does the <Link to="/wall">wall</Link>.
          </Trans>
        </li>
        <li>
          <Trans>
            <strong>Close.</strong> Station 6: weigh back what is left, pick what each zone came to, and say in a
            sentence what to change. “5 g less” or “warmer” is understood.
          </Trans>
        </li>
        <li>
          <Trans>
            <strong>Next time.</strong> In the client’s file press “Repeat last visit”: the head has aged, the bowls are
            there, and what was to change is one press.
          </Trans>
        </li>
        {member.ownsRules ? (
          <li>
            <Trans>
              <strong>Make it yours.</strong> <Link to="/house">House</Link>: where good people disagree, say what you
              do. <Link to="/shelf">Shelf</Link>: your lines, products and what there is of them.{' '}
              <Link to="/messages">Messages</Link>: what goes out, and in which words.
            </Trans>
          </li>
        ) : null}
      </ol>
      <p className="quiet">
        <Trans>
          Press <kbd>?</kbd> on any page for its keys. Usual cautions only: the maker’s instructions, local rules and
          licensed practice come first.
        </Trans>
      </p>
      <h2 id="words">{t`The words`}</h2>
      <Form.Control
        type="search"
        aria-label={t`Find a word`}
        placeholder={t`Find a word`}
        className="guide-find"
        value={search}
        onChange={(event) => { setSearch(event.target.value) }}
      />
      {found.length === 0 ? <p className="quiet">{t`Not among them.`}</p> : null}
      <dl className="guide-words">
        {found.map(([word, says]) => <div key={word}><dt>{word}</dt><dd>{says}</dd></div>)}
      </dl>
    </div>
  )
}
