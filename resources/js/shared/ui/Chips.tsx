/** Toggles in a row: any number may be on. */
export function Chips<T extends string>({
  label,
  all,
  on,
  onChange,
}: { label: string; all: readonly T[]; on: readonly T[]; onChange: (on: T[]) => void }) {
  return (
    <div className="chips" role="group" aria-label={label}>
      {all.map((each) => {
        const isOn = on.includes(each)
        return (
          <button
            key={each}
            type="button"
            className="chip"
            aria-pressed={isOn}
            onClick={() => { onChange(isOn ? on.filter((other) => other !== each) : [...on, each]) }}
          >
            {each}
          </button>
        )
      })}
    </div>
  )
}
