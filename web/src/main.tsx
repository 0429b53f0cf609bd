import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { RouterProvider } from 'react-router/dom'
import { ProblemError } from './api/client'
import { keepPages } from './app/keepPages'
import { router } from './app/routes'
import { onUnits } from './quantity/units'
import { ToastProvider } from './ui/Toast'
import './styles.css'

const queries = new QueryClient({
  defaultOptions: {
    queries: {
      staleTime: 5_000,
      retry: (count, error) => count < 2 && !(error instanceof ProblemError && error.status < 500),
    },
  },
})

// What the server has said is said in the units of before.
onUnits(() => void queries.invalidateQueries())

createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <ToastProvider>
        <RouterProvider router={router} />
      </ToastProvider>
    </QueryClientProvider>
  </StrictMode>,
)

// After the first picture: keeping the page must not make anybody wait for it.
window.addEventListener('load', () => void keepPages())
