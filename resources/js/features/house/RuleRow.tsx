import { t } from '@lingui/core/macro'
import Form from 'react-bootstrap/Form'
import type { Problem } from '../../shared/api/http'
import type { Rule } from '../../shared/house/house'
import { FieldProblem } from '../../shared/ui/Field'
import { OneOf } from '../../shared/ui/OneOf'

/** One house rule: what it is, how it is set, why anybody would set it so, and what the standard is. */
export function RuleRow({
  rule,
  value,
  mayChange,
  problem,
  onChange,
}: { rule: Rule; value: string; mayChange: boolean; problem: Problem | undefined; onChange: (value: string) => void }) {
  const id = `rule-${rule.key}`
  return (
    <div className={`rule ${value === rule.standard ? '' : 'rule-own'}`}>
      <div className="rule-words">
        <label htmlFor={rule.options.length === 0 && mayChange ? id : undefined}>{rule.label}</label>
        <p className="quiet" id={`${id}-why`}>{rule.reason}</p>
      </div>
      <div className="rule-set">
        {mayChange ? (
          rule.options.length > 0 ? (
            <OneOf
              label={rule.label}
              all={rule.options.map((option) => [option.value, option.words] as const)}
              on={value}
              onChange={(on) => { if (on !== null) onChange(on) }}
            />
          ) : (
            <span className="rule-number">
              <Form.Control
                id={id}
                value={value}
                maxLength={20}
                aria-describedby={`${id}-why`}
                isInvalid={problem !== undefined}
                onChange={(event) => { onChange(event.target.value) }}
              />
              {rule.unit}
            </span>
          )
        ) : (
          <strong>{rule.words}</strong>
        )}
        {value === rule.standard ? null : (
          <span className="rule-standard">
            {t`◆ ours; the standard is ${rule.standardWords}${' '}`}
            {mayChange ? (
              <button type="button" className="chip" onClick={() => { onChange(rule.standard) }}>{t`standard`}</button>
            ) : null}
          </span>
        )}
        <FieldProblem problem={problem} />
      </div>
    </div>
  )
}
