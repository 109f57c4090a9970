import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { Link } from 'react-router'
import { showDay } from '../../shared/format/time'
import { shelf as shelfQuery } from '../../shared/shelf/shelf'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { Waiting } from '../../shared/ui/Waiting'
import { blends as blendsQuery, retireBlend } from './blendsApi'

/** The house's own recipes under their nicknames: every version that was ever used, and how often. */
export function Blends({ writes }: { writes: boolean }) {
  const queries = useQueryClient()
  const { data, error } = useQuery(blendsQuery)
  const retire = useMutation({
    mutationFn: ({ name, retired }: { name: string; retired: boolean }) => retireBlend(name, retired),
    onSuccess: (next) => {
      queries.setQueryData(blendsQuery.queryKey, next)
      void queries.invalidateQueries({ queryKey: shelfQuery.queryKey })
    },
  })
  if (data === undefined) return error === null ? <Waiting what={t`The house blends`} /> : <ErrorNotice error={error} />
  return (
    <section aria-labelledby="blends-title">
      <h1 id="blends-title">{t`House blends`}</h1>
      <p className="lead-line">
        <Trans>
          A nickname for the colour of a bowl. Made, or made anew as the next version, from any bowl in a visit or
          the{' '}
          <Link to="/workbench/formula">workbench</Link>; a bowl keeps the version it used.
        </Trans>
      </p>
      {retire.error === null ? null : <ErrorNotice error={retire.error} />}
      <ul className="plain-rows">
        {data.map((blend) => (
          <li key={blend.name} className={blend.retired ? 'withdrawn' : undefined}>
            <strong>{blend.name}</strong> <span className="quiet">{blend.line}{blend.retired ? t`, retired` : ''}</span>
            {writes ? (
              <Press
                kind="quiet"
                label={`${blend.name}: ${blend.retired ? t`offer it again` : t`retire`}`}
                onPress={() => { retire.mutate({ name: blend.name, retired: !blend.retired }) }}
              >{blend.retired ? t`Offer it again` : t`Retire`}</Press>
            ) : null}
            <ul className="blend-versions">
              {blend.versions.map((version) => (
                <li key={version.version}>
                  <span>
                    {t`Version ${version.version}`}
                  </span> <span>{version.ingredients.map((each) => `${each.share} ${each.label}`).join(' + ')}</span>
                  <span className="quiet">
                    {version.made === null ? '' : t`since ${showDay(version.made)}, `}
                    {version.bowls === 0
                      ? t`not used yet`
                      : version.bowls === 1 ? t`in one bowl` : t`in ${String(version.bowls)} bowls`}
                  </span>
                </li>
              ))}
            </ul>
          </li>
        ))}
        {data.length === 0 ? <li className="quiet">{t`None yet.`}</li> : null}
      </ul>
    </section>
  )
}
