// Wires session, data and routes together.
import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { lazy, Suspense, type ComponentType } from 'react'
import { ErrorBoundary } from 'react-error-boundary'
import { createBrowserRouter, Navigate, RouterProvider } from 'react-router'
import { Resting } from '../ui/Resting'
import { Waiting } from '../ui/Waiting'
import { SignIn } from '../views/signin/SignIn'
import { Broken, BrokenRoute, ViewMissing } from './Broken'
import { ApiError } from './client'
import { keptHere } from './keptHere'
import { Locked } from './Locked'
import { queries } from './queries'
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

/** A view's script comes when somebody goes there. */
function view(load: () => Promise<ComponentType>) {
  return async () => {
    try {
      return { Component: await load() }
    } catch (cause) {
      throw new ViewMissing('The script of a view did not come.', { cause })
    }
  }
}

/** Without a signal the day begins at what is kept here. */
function Start() {
  return <Navigate to={keptHere.state.open && keptHere.state.away ? '/kept' : '/floor'} replace />
}

const router = createBrowserRouter([
  {
    element: <Shell />,
    errorElement: <BrokenRoute />,
    children: [
      {
        errorElement: <BrokenRoute />,
        children: [
          { index: true, element: <Start /> },
          { path: 'floor', lazy: view(async () => (await import('../views/floor/Floor')).Floor) },
          { path: 'book', lazy: view(async () => (await import('../views/book/Book')).Book) },
          { path: 'dogs/new', lazy: view(async () => (await import('../views/book/DogForm')).NewDog) },
          { path: 'dogs/:id', lazy: view(async () => (await import('../views/card/Card')).Card) },
          {
            path: 'dogs/:id/edit',
            lazy: view(async () => (await import('../views/book/DogForm')).EditDog),
          },
          {
            path: 'dogs/:id/visit',
            lazy: view(async () => (await import('../views/visit/VisitForm')).VisitForm),
          },
          {
            path: 'dogs/:id/arrival',
            lazy: view(async () => (await import('../views/arrival/Arrival')).OpenArrival),
          },
          {
            path: 'arrivals/:id',
            lazy: view(async () => (await import('../views/arrival/Arrival')).Arrival),
          },
          {
            path: 'dogs/:id/table',
            lazy: view(async () => (await import('../views/table/OpenTable')).OpenTable),
          },
          { path: 'grooms/:id', lazy: view(async () => (await import('../views/table/Table')).Table) },
          {
            path: 'grooms/:id/finish',
            lazy: view(async () => (await import('../views/table/Finish')).Finish),
          },
          { path: 'dogs/:id/then', lazy: view(async () => (await import('../views/then/Then')).Then) },
          { path: 'dogs/:id/year', lazy: view(async () => (await import('../views/year/Year')).Year) },
          {
            path: 'dogs/:id/paper',
            lazy: view(async () => (await import('../views/paper/CardPaper')).CardPaper),
          },
          { path: 'day', lazy: view(async () => (await import('../views/paper/DayPaper')).DayPaper) },
          { path: 'kit', lazy: view(async () => (await import('../views/kit/Kit')).Kit) },
          { path: 'wash', lazy: view(async () => (await import('../views/wash/Wash')).Wash) },
          {
            path: 'patterns',
            lazy: view(async () => (await import('../views/patterns/Patterns')).Patterns),
          },
          { path: 'kept', lazy: view(async () => (await import('../views/kept/Kept')).Kept) },
          { path: 'outbox', lazy: view(async () => (await import('../views/outbox/Outbox')).Outbox) },
          { path: 'homes/:id', lazy: view(async () => (await import('../views/home/Home')).Home) },
          { path: 'people', lazy: view(async () => (await import('../views/people/People')).People) },
          { path: 'upkeep', lazy: view(async () => (await import('../views/upkeep/Upkeep')).Upkeep) },
          { path: 'me', lazy: view(async () => (await import('../views/people/Me')).Me) },
          { path: 'diary', lazy: view(async () => (await import('../views/diary/Diary')).Diary) },
          { path: 'round', lazy: view(async () => (await import('../views/round/Round')).Round) },
          { path: 'till', lazy: view(async () => (await import('../views/till/Till')).Till) },
          {
            path: 'histories/:id',
            lazy: view(async () => (await import('../views/history/History')).History),
          },
          {
            path: 'programmes',
            lazy: view(async () => (await import('../views/programmes/Programmes')).Programmes),
          },
          {
            path: 'reference',
            lazy: view(async () => (await import('../views/programmes/Reference')).Reference),
          },
          { path: 'take-in/:id', lazy: view(async () => (await import('../views/inout/Sheet')).Sheet) },
          { path: 'in-and-out', lazy: view(async () => (await import('../views/inout/InOut')).InOut) },
          { path: 'prices', lazy: view(async () => (await import('../views/prices/Prices')).Prices) },
          { path: 'house', lazy: view(async () => (await import('../views/house/House')).House) },
          { path: 'log', lazy: view(async () => (await import('../views/log/Log')).Log) },
          { path: '*', element: <Navigate to="/book" replace /> },
        ],
      },
    ],
    hydrateFallbackElement: <Waiting />,
  },
])

/** Opened without a signal: at what is kept here, which is read while the frame is drawn. */
function begin(retry: () => void) {
  const { open } = keptHere.state
  if (open) void cache.prefetchQuery(queries.keptDays(open))
  if (router.state.location.pathname === '/') void router.navigate('/kept', { replace: true })
  retry()
}

const Enter = lazy(async () => ({ default: (await import('../views/enter/Enter')).Enter }))

export function App() {
  // A one-time link opens without a sign-in, whoever is signed in here.
  const token = /^\/enter\/([0-9a-f]+)$/.exec(location.pathname)?.[1]
  if (token)
    return (
      <ErrorBoundary fallbackRender={({ error }) => <Broken error={error} />}>
        <QueryClientProvider client={cache}>
          <Suspense fallback={<Waiting />}>
            <Enter token={token} />
          </Suspense>
        </QueryClientProvider>
      </ErrorBoundary>
    )
  return (
    <ErrorBoundary fallbackRender={({ error }) => <Broken error={error} />}>
      <QueryClientProvider client={cache}>
        <Toasts>
          <Suspense fallback={<Waiting />}>
            <SessionProvider
              loading={<Waiting />}
              failed={(error, retry) =>
                keptHere.state.keepers.length > 0 && (error.status === 0 || error.status > 500) ? (
                  <Locked opened={() => begin(retry)} again={retry} />
                ) : (
                  <Resting error={error} retry={retry}>
                    {keptHere.state.evicted && (
                      <p className="font-bold text-haw">
                        Your days were kept on this device, and the browser has thrown them away: it was short
                        of room, or its data was cleared. With a signal you can keep them here again.
                      </p>
                    )}
                  </Resting>
                )
              }
              signIn={(again, done) => <SignIn again={again} done={done} />}
            >
              <Suspense fallback={<Waiting />}>
                <RouterProvider router={router} />
              </Suspense>
            </SessionProvider>
          </Suspense>
        </Toasts>
      </QueryClientProvider>
    </ErrorBoundary>
  )
}
