// Wires session, data and routes together.
import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { Suspense } from 'react'
import { createBrowserRouter, Navigate, RouterProvider } from 'react-router'
import { Resting } from '../ui/Resting'
import { Waiting } from '../ui/Waiting'
import { SignIn } from '../views/signin/SignIn'
import { ApiError } from './client'
import { SessionProvider } from './session'
import { Shell } from './Shell'
import { Toasts } from '../ui/Toasts'

const cache = new QueryClient({
  defaultOptions: {
    queries: {
      retry: (count, error) =>
        !(error instanceof ApiError && error.status >= 400 && error.status < 500) && count < 2,
      retryDelay: 700,
      refetchOnWindowFocus: true,
      networkMode: 'always',
    },
    mutations: { networkMode: 'always' },
  },
})

const router = createBrowserRouter([
  {
    element: <Shell />,
    children: [
      { index: true, element: <Navigate to="/book" replace /> },
      { path: 'book', lazy: async () => ({ Component: (await import('../views/book/Book')).Book }) },
      { path: 'dogs/new', lazy: async () => ({ Component: (await import('../views/book/DogForm')).NewDog }) },
      { path: 'dogs/:id', lazy: async () => ({ Component: (await import('../views/card/Card')).Card }) },
      {
        path: 'dogs/:id/edit',
        lazy: async () => ({ Component: (await import('../views/book/DogForm')).EditDog }),
      },
      {
        path: 'dogs/:id/visit',
        lazy: async () => ({ Component: (await import('../views/visit/VisitForm')).VisitForm }),
      },
      {
        path: 'dogs/:id/arrival',
        lazy: async () => ({ Component: (await import('../views/arrival/Arrival')).OpenArrival }),
      },
      {
        path: 'arrivals/:id',
        lazy: async () => ({ Component: (await import('../views/arrival/Arrival')).Arrival }),
      },
      {
        path: 'dogs/:id/table',
        lazy: async () => ({ Component: (await import('../views/table/OpenTable')).OpenTable }),
      },
      { path: 'grooms/:id', lazy: async () => ({ Component: (await import('../views/table/Table')).Table }) },
      {
        path: 'grooms/:id/finish',
        lazy: async () => ({ Component: (await import('../views/table/Finish')).Finish }),
      },
      { path: 'dogs/:id/then', lazy: async () => ({ Component: (await import('../views/then/Then')).Then }) },
      { path: 'kit', lazy: async () => ({ Component: (await import('../views/kit/Kit')).Kit }) },
      { path: 'wash', lazy: async () => ({ Component: (await import('../views/wash/Wash')).Wash }) },
      {
        path: 'patterns',
        lazy: async () => ({ Component: (await import('../views/patterns/Patterns')).Patterns }),
      },
      { path: 'outbox', lazy: async () => ({ Component: (await import('../views/outbox/Outbox')).Outbox }) },
      { path: 'house', lazy: async () => ({ Component: (await import('../views/house/House')).House }) },
      { path: 'log', lazy: async () => ({ Component: (await import('../views/log/Log')).Log }) },
      { path: '*', element: <Navigate to="/book" replace /> },
    ],
    hydrateFallbackElement: <Waiting />,
  },
])

export function App() {
  return (
    <QueryClientProvider client={cache}>
      <Toasts>
        <SessionProvider
          loading={<Waiting />}
          failed={(error, retry) => <Resting error={error} retry={retry} />}
          signIn={(again, done) => <SignIn again={again} done={done} />}
        >
          <Suspense fallback={<Waiting />}>
            <RouterProvider router={router} />
          </Suspense>
        </SessionProvider>
      </Toasts>
    </QueryClientProvider>
  )
}
