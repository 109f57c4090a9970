import { t } from '@lingui/core/macro'
import { useQuery } from '@tanstack/react-query'
import { useScaleChoice } from './choice'
import { heardScales, shownBy } from './scales'

/** What this device's scale shows now, taken with one press; nothing where no scale is heard. */
export function FromScale({ onTake }: { onTake: (grams: string) => void }) {
  const { data = [] } = useQuery(heardScales)
  const chosen = useScaleChoice()
  const shown = shownBy(data, chosen)
  return shown === null ? null : (
    <button type="button" className="chip" id="from-scale" onClick={() => { onTake(shown) }}>
      {t`Take ${shown} from the scale`}
    </button>
  )
}
