import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { renderToStaticMarkup } from 'react-dom/server'
import { SignInPage } from '../features/session/SignInPage'
import { InkPatterns } from '../shared/ui/InkPatterns'

/**
 * The sign-in page as it stands before its own piece has come: drawn at the build, and part of the page as it is
 * served. `shared/session/atDoor` carries over what was typed there meanwhile.
 */
export const door = (): string => renderToStaticMarkup(
  <QueryClientProvider client={new QueryClient()}>
    <InkPatterns />
    <SignInPage />
  </QueryClientProvider>,
)
