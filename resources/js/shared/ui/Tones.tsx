import { named } from '../../shared/words/named'
import { FAMILIES } from './families'

/** Up to two families in the order they are pressed; the first shows twice as much. */
export function Tones({ label, on, onChange }: { label: string; on: string[]; onChange: (on: string[]) => void }) {
  return (
    <div className="chips tones" role="group" aria-label={label}>
      {FAMILIES.map((family) => {
        const rank = on.indexOf(family)
        return (
          <button
            key={family}
            type="button"
            className="chip"
            aria-pressed={rank >= 0}
            onClick={() => { onChange(rank >= 0 ? on.filter((each) => each !== family) : [...on, family].slice(-2)) }}
          >
            {rank >= 0 ? `${rank + 1} ` : ''}{named(family)}
          </button>
        )
      })}
    </div>
  )
}
