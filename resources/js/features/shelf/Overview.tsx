import { t } from '@lingui/core/macro'
import { named } from '../../shared/words/named'
import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { shelf as shelfQuery } from '../../shared/shelf/shelf'

const KINDS: Record<string, string> = {
  permanent: t`permanent colour`,
  demi: t`demi-permanent gloss`,
  lightener: t`lightener`,
  direct: t`direct dye`,
  care: t`care`,
}

/** All lines side by side, each as its wall of swatches. */
export function Overview({ writes }: { writes: boolean }) {
  const { data } = useQuery(shelfQuery)
  const lines = data?.lines ?? []
  return (
    <>
      <h1>{t`Shelf`}</h1>
      <p className="lead-line">
        {lines.length === 0
          ? t`Nothing stands here yet.`
          : t`What the salon works with: open a line for its rules, its legend and its products.`}
      </p>
      {lines.length === 0 && writes ? (
        <div className="shelf-begin">
          <Link className="btn btn-primary press" to="/shelf/developers">{t`First the developers`}</Link>
          <Link className="btn btn-outline-primary press" to="/shelf/new">{t`Then a line`}</Link>
        </div>
      ) : null}
      <ul className="shelf-lines">
        {lines.map((line) => (
          <li key={line.id}>
            <Link to={`/shelf/${line.id}`}>
              <strong>{line.name}</strong>
              <span className="quiet">
                {t`${KINDS[line.kind] ?? line.kind}, ${named(line.ratio)}, ${line.window.target} min${line.withdrawn ? t`, withdrawn` : ''}`}
              </span>
              <span className="shelf-swatches" aria-hidden="true">
                {line.products.filter((product) =>
                  !product.withdrawn,
                ).map((product) => <i key={product.id} style={{ background: product.swatch }} />)}
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </>
  )
}
