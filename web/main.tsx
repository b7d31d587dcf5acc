import { MutationCache, QueryCache, QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
import { askAnew } from './api/ask-anew.ts';
import { isEarlierMoment, PAGES_AT } from './api/at-moment.ts';
import { ApiProblem } from './api/client.ts';
import { App } from './app.tsx';
import { openWithoutServer } from './outbox/open-without-server.ts';
import { journal, startOutbox } from './outbox/outbox.ts';
import { packByItself } from './outbox/pack-by-itself.ts';
import { onBack, watchForReturn } from './outbox/reach.ts';
import { applyTheme } from './parts/theme.ts';
import { TroubleBoundary } from './parts/trouble-boundary.tsx';
import './styles.css';

applyTheme();

const client: QueryClient = new QueryClient({
  queryCache: new QueryCache({
    // Shut out while in use, or the records turn out damaged: ask at the door.
    onError: (error, { queryKey }) => {
      if (error instanceof ApiProblem && [401, 503].includes(error.status) && queryKey[0] !== 'door')
        void askAnew(client, ['door']);
    },
  }),
  // Whatever was changed belongs into what is taken along.
  mutationCache: new MutationCache({ onSuccess: () => packByItself() }),
  defaultOptions: {
    queries: {
      staleTime: 30_000,
      // The server may be in the house while the phone says it is offline: asking is the only way to know.
      networkMode: 'always',
      // What the server refuses it refuses again; only a lost connection is worth another try.
      retry: (failures, error) => error instanceof ApiProblem && error.status === 0 && failures < 3,
    },
    mutations: { networkMode: 'always' },
  },
});

// What waits on this device is not for an earlier moment, nor are that moment's answers for this one.
if (!isEarlierMoment) startOutbox();
packByItself();
watchForReturn();
journal.onNews(() => {
  void askAnew(client);
  packByItself();
});
onBack(() => {
  void askAnew(client);
  packByItself();
});
openWithoutServer();

// Before anything is shown: sent on later, whoever has chosen another page by then would be sent back.
if (window.location.pathname === `${PAGES_AT}/`) window.history.replaceState(null, '', `${PAGES_AT}/now`);

createRoot(document.getElementById('app')!).render(
  <StrictMode>
    <QueryClientProvider client={client}>
      <BrowserRouter basename={PAGES_AT}>
        <TroubleBoundary place="app">
          <App />
        </TroubleBoundary>
      </BrowserRouter>
    </QueryClientProvider>
  </StrictMode>,
);
