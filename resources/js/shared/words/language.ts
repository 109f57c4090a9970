import { language, type Language } from './i18n'

export { LANGUAGES, type Language } from './i18n'

/** What each calls itself: it is never said in another. */
export const CALLED: Record<Language, string> = { en: 'English', pt: 'Português' }

const ASKED = 'tinta.language'
const YEAR = 365 * 24 * 3600

/** The page opens anew in this language, and the device remembers it for whoever signs in next. */
export function speak(wanted: Language): void {
  if (typeof document === 'undefined') return
  document.cookie = `language=${wanted}; path=/; max-age=${String(YEAR)}; samesite=lax`
  if (wanted === language) {
    sessionStorage.removeItem(ASKED)
    return
  }
  // Once: without the network the page that is kept opens again as it was.
  if (sessionStorage.getItem(ASKED) === wanted) return
  sessionStorage.setItem(ASKED, wanted)
  location.reload()
}
