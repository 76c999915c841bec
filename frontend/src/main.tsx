import '@fontsource-variable/archivo/wdth.css'
import '@fontsource-variable/jetbrains-mono/wght.css'
import CssBaseline from '@mui/material/CssBaseline'
import { ThemeProvider } from '@mui/material/styles'
import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { RouterProvider } from 'react-router'
import { onAnswer, ProblemError } from './api/client'
import { router } from './app/router'
import { colorSchemeKey } from './base/settings'
import { theme } from './base/theme'
import { keepPages } from './offline/serviceWorker'
import { noteStep } from './session/gettingStarted'

const queries = new QueryClient({
  defaultOptions: {
    // Out of reach a question is asked all the same: the browser may have kept the answer, and the page says if not.
    mutations: { networkMode: 'always' },
    queries: {
      networkMode: 'always',
      staleTime: 5_000,
      retry: (failures, error) => failures < 2 && error instanceof ProblemError && error.problem.status === 0,
    },
  },
})

void keepPages()
onAnswer(noteStep)

const root = document.getElementById('root')
if (root) {
  createRoot(root).render(
    <StrictMode>
      <ThemeProvider theme={theme} defaultMode="system" modeStorageKey={colorSchemeKey()}>
        <CssBaseline />
        <QueryClientProvider client={queries}>
          <RouterProvider router={router} />
        </QueryClientProvider>
      </ThemeProvider>
    </StrictMode>,
  )
}
