import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { renderToString } from 'react-dom/server'
import { SignInPage } from '../features/session/SignInPage'
import { InkPatterns } from '../shared/ui/InkPatterns'

/**
 * The sign-in page as it stands before its own piece has come: drawn at the build, and part of the page as it is
 * served. The page takes it as it stands, with what was typed in it meanwhile (`shared/session/atDoor`).
 */
export const door = (): string => renderToString(
  <QueryClientProvider client={new QueryClient()}>
    <InkPatterns />
    <SignInPage />
  </QueryClientProvider>,
)
