/** The patterns of all bowls, drawn once for the page; shapes refer to them by url(#ink-…). */
export function InkPatterns() {
  return (
    <svg width="0" height="0" aria-hidden="true" className="ink-patterns">
      <defs>
        <pattern id="ink-stripe" width="8" height="8" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width="8" height="8" fill="var(--ink-sea)" />
          <rect width="2.5" height="8" fill="var(--ink-gap)" />
        </pattern>
        <pattern id="ink-dot" width="8" height="8" patternUnits="userSpaceOnUse">
          <rect width="8" height="8" fill="var(--ink-clay)" />
          <circle cx="4" cy="4" r="1.8" fill="var(--ink-gap)" />
        </pattern>
        <pattern id="ink-bar" width="8" height="8" patternUnits="userSpaceOnUse">
          <rect width="8" height="8" fill="var(--ink-moss)" />
          <rect width="8" height="2.4" y="2.8" fill="var(--ink-gap)" />
        </pattern>
        <pattern id="ink-cross" width="9" height="9" patternUnits="userSpaceOnUse">
          <rect width="9" height="9" fill="var(--ink-plum)" />
          <path d="M0 4.5h9M4.5 0v9" stroke="var(--ink-gap)" strokeWidth="1.8" />
        </pattern>
        <pattern id="ink-wave" width="12" height="8" patternUnits="userSpaceOnUse">
          <rect width="12" height="8" fill="var(--ink-ochre)" />
          <path d="M0 4q3 -4 6 0t6 0" fill="none" stroke="var(--ink-gap)" strokeWidth="1.8" />
        </pattern>
        <pattern id="ink-ring" width="10" height="10" patternUnits="userSpaceOnUse">
          <rect width="10" height="10" fill="var(--ink-slate)" />
          <circle cx="5" cy="5" r="3" fill="none" stroke="var(--ink-gap)" strokeWidth="1.6" />
        </pattern>
      </defs>
    </svg>
  )
}
