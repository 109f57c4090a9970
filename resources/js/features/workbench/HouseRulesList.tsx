import { useQuery } from '@tanstack/react-query'
import { rules } from './api'

/** The house rules that the answers rest on, each with its reason. */
export function HouseRulesList() {
  const loaded = useQuery(rules)
  return (
    <details className="house-rules">
      <summary>The house rules these answers rest on</summary>
      <dl>
        {loaded.data?.map((rule) => (
          <div key={rule.key}>
            <dt>
              {rule.label}: <strong>{rule.value}</strong>
            </dt>
            <dd className="quiet">
              {rule.reason} {rule.alternatives.length === 0 ? null : `Others: ${rule.alternatives.join(', ')}.`}
            </dd>
          </div>
        ))}
      </dl>
    </details>
  )
}
