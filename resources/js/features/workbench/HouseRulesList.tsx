import { t } from '@lingui/core/macro'
import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { house } from '../../shared/house/house'

/** The house rules that the answers rest on, each with its reason. */
export function HouseRulesList() {
  const loaded = useQuery(house)
  return (
    <details className="house-rules">
      <summary>{t`The house rules these answers rest on`}</summary>
      <p><Link to="/house">{t`All house rules`}</Link></p>
      <dl>
        {loaded.data?.groups.flatMap((group) => group.rules).map((rule) => (
          <div key={rule.key}>
            <dt>
              {rule.label}: <strong>{rule.words}</strong>
            </dt>
            <dd className="quiet">
              {rule.reason} {rule.options.length === 0
                ? null
                : t`Others: ${rule.options.filter((option) => option.value !== rule.value).map((option) => option.words).join(', ')}.`}
            </dd>
          </div>
        ))}
      </dl>
    </details>
  )
}
