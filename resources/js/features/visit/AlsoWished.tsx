import { t } from '@lingui/core/macro'
import Form from 'react-bootstrap/Form'
import type { Problem } from '../../shared/api/http'
import { LevelField, type Rung } from '../../shared/ui/LevelField'
import { OneOf } from '../../shared/ui/OneOf'
import { Tones } from '../../shared/ui/Tones'
import type { Zone } from './shapes'
import { ZoneLine } from './ZoneLine'

const PARTS = [
  ['1/4', t`a quarter`],
  ['1/3', t`a third`],
  ['1/2', t`half`],
  ['2/3', t`two thirds`],
  ['3/4', t`three quarters`],
] as const

/** Another wish for a part of the zone’s strands: two thirds light, a third brown. */
export function AlsoWished({
  zone,
  ladder,
  problem,
  onChange,
}: {
  zone: Zone
  ladder: Rung[]
  problem: (field: string) => Problem | undefined
  onChange: (also: Zone['also']) => void
}) {
  const { also } = zone
  const set = (change: Partial<NonNullable<Zone['also']>>) => {
    onChange({ of: '1/3', level: null, tone: [], words: '', ...also, ...change })
  }
  return (
    <details className="also-wished" open={also !== null}>
      <summary>{t`Something else for some of its strands`}</summary>
      <ZoneLine what={t`Of`}>
        <OneOf
          label={t`Of how many strands`}
          all={PARTS}
          on={also?.of}
          clears
          onChange={(of) => { if (of === null) onChange(null); else set({ of }) }}
        />
      </ZoneLine>
      {also === null ? null : (
        <>
          <LevelField
            id="also-level"
            label={t`Their level`}
            ladder={ladder}
            problem={problem('also/level')}
            value={also.level}
            onChange={(level) => { set({ level }) }}
          />
          <Tones label={t`Their tone, strongest first`} on={also.tone} onChange={(tone) => { set({ tone }) }} />
          <Form.Control
            aria-label={t`Their wish in words`}
            placeholder={t`in words: brown underneath`}
            maxLength={300}
            value={also.words}
            onChange={(event) => { set({ words: event.target.value }) }}
          />
        </>
      )}
    </details>
  )
}
