import { named } from '../../shared/words/named'

/** One of a few in a row; pressing the chosen one again takes the choice back where that is allowed. */
export function OneOf(
  props: {
    label: string
    all: readonly (string | readonly [string, string])[]
    on: string | null | undefined
    clears?: boolean
    onChange: (on: string | null) => void
  },
) {
  const pairs = props.all.map((each): readonly [string, string] => (typeof each === 'string'
    ? [each, named(each)]
    : each))
  return (
    <div className="chips one-of" role="group" aria-label={props.label}>
      {pairs.map(([value, label]) => (
        <button
          key={value}
          type="button"
          className="chip"
          aria-pressed={props.on === value}
          onClick={() => { props.onChange(props.on === value && props.clears === true ? null : value) }}
        >
          {label}
        </button>
      ))}
    </div>
  )
}
