import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { createContext, useContext, useEffect, useMemo, useState, type ReactNode } from 'react';
import type { HomeOnDisk } from './homeStore';
import { MergeQuestions } from './mergeQuestions';

interface OpenHome extends HomeOnDisk {
  /** What writes have to ask. */
  readonly questions: MergeQuestions;
}

/** A home that is being opened: what opens it comes after the first screen. */
export interface HomeOpening {
  readonly home: HomeOnDisk | null;
  /** Why it could not be opened; null while it is under way, and once it is open. */
  readonly failure: Error | null;
  readonly tryAgain: () => void;
}

const OpeningContext = createContext<HomeOpening | null>(null);
const HomeContext = createContext<OpenHome | null>(null);

/** Reads never go stale by time: what is written here or in another tab says so itself. */
export const createClient = (): QueryClient =>
  new QueryClient({
    defaultOptions: {
      queries: {
        staleTime: Infinity,
        gcTime: Infinity,
        retry: false,
        networkMode: 'always',
        refetchOnWindowFocus: false,
      },
      mutations: { networkMode: 'always', retry: false, gcTime: 0 },
    },
  });

/** Gives everything below it the home, once it is open, and keeps it abreast of other tabs. */
export function HomeProvider({
  opening,
  client,
  children,
}: {
  opening: HomeOpening;
  client: QueryClient;
  children: ReactNode;
}) {
  const { home } = opening;
  useEffect(
    () =>
      home?.store.listen((collections) => collections.forEach((c) => void client.invalidateQueries({ queryKey: [c] }))),
    [home, client],
  );
  const [questions] = useState(() => new MergeQuestions());
  const open = useMemo(() => (home ? { ...home, questions } : null), [home, questions]);
  return (
    <QueryClientProvider client={client}>
      <OpeningContext.Provider value={opening}>
        <HomeContext.Provider value={open}>{children}</HomeContext.Provider>
      </OpeningContext.Provider>
    </QueryClientProvider>
  );
}

/** The home as it is being opened. */
export function useHomeOpening(): HomeOpening {
  const opening = useContext(OpeningContext);
  if (!opening) throw new Error('useHomeOpening needs a HomeProvider above it');
  return opening;
}

/** The open home: for what is drawn once it is open (see `parts/part`). */
export function useHome(): OpenHome {
  const home = useContext(HomeContext);
  if (!home) throw new Error('useHome needs an open home above it');
  return home;
}
