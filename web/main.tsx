import { QueryCache, QueryClient } from '@tanstack/react-query';
import { PersistQueryClientProvider } from '@tanstack/react-query-persist-client';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
import { ApiProblem } from './api/client.ts';
import { App } from './app.tsx';
import { answersKeptHere } from './outbox/kept-answers.ts';
import { openWithoutServer } from './outbox/open-without-server.ts';
import { onSent, startOutbox } from './outbox/outbox.ts';
import { applyTheme } from './parts/theme.ts';
import { TroubleBoundary } from './parts/trouble-boundary.tsx';
import './styles.css';

applyTheme();

const KEPT_FOR_MS = 14 * 24 * 3600 * 1000;

const client: QueryClient = new QueryClient({
  queryCache: new QueryCache({
    // Shut out while in use: ask at the door.
    onError: (error, { queryKey }) => {
      if (error instanceof ApiProblem && error.status === 401 && queryKey[0] !== 'door')
        void client.invalidateQueries({ queryKey: ['door'] });
    },
  }),
  defaultOptions: {
    queries: {
      staleTime: 30_000,
      // Answers stay for a walk in the garden without a signal.
      gcTime: KEPT_FOR_MS,
      // The server may be in the house while the phone says it is offline: asking is the only way to know.
      networkMode: 'always',
      // What the server refuses it refuses again; only a lost connection is worth another try.
      retry: (failures, error) => error instanceof ApiProblem && error.status === 0 && failures < 3,
    },
    mutations: { networkMode: 'always' },
  },
});

startOutbox();
onSent(() => void client.invalidateQueries());
openWithoutServer();

createRoot(document.getElementById('app')!).render(
  <StrictMode>
    <PersistQueryClientProvider
      client={client}
      persistOptions={{ persister: answersKeptHere(), maxAge: KEPT_FOR_MS, buster: __BUILD__ }}
    >
      <BrowserRouter>
        <TroubleBoundary place="app">
          <App />
        </TroubleBoundary>
      </BrowserRouter>
    </PersistQueryClientProvider>
  </StrictMode>,
);
