import { setupI18n, type Messages } from '@lingui/core'

declare global {
  interface Window {
    tintaWords?: Messages
  }
}

const page = typeof document === 'undefined' ? null : document.documentElement

export const LANGUAGES = ['en', 'pt'] as const
export type Language = (typeof LANGUAGES)[number]

/** The language of this page. It is chosen before the page opens and stays: another one opens it anew. */
export const language: Language = LANGUAGES.find((each) => each === page?.lang) ?? 'en'

/** What the page says, in its language. English stands in the code; another comes before it, as a piece of its own. */
export const i18n = setupI18n({
  locale: language,
  messages: { [language]: (page === null ? undefined : window.tintaWords) ?? {} },
})
