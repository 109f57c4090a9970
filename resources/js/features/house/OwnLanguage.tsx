import { t } from '@lingui/core/macro'
import { useMutation } from '@tanstack/react-query'
import { chooseLanguage } from '../../shared/session/session'
import { ErrorNotice } from '../../shared/ui/Notice'
import { OneOf } from '../../shared/ui/OneOf'
import { language } from '../../shared/words/i18n'
import { CALLED, LANGUAGES } from '../../shared/words/language'

/** In which language Tinta speaks to oneself, on every device; colleagues keep theirs. */
export function OwnLanguage() {
  const choose = useMutation({ mutationFn: chooseLanguage })
  return (
    <div className="own-language">
      <h3>{t`Tinta speaks to me in`}</h3>
      <OneOf
        label={t`Tinta speaks to me in`}
        all={LANGUAGES.map((each) => [each, CALLED[each]] as const)}
        on={language}
        onChange={(wanted) => {
          const found = LANGUAGES.find((each) => each === wanted)
          if (found !== undefined && found !== language) choose.mutate(found)
        }}
      />
      <p className="quiet">{t`Names, notes and what the house writes itself stay as they were written.`}</p>
      {choose.error === null ? null : <ErrorNotice error={choose.error} />}
    </div>
  )
}
