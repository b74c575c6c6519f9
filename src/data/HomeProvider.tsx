import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { createContext, useContext, useEffect, useMemo, useState, type ReactNode } from 'react';
import type { HomeOnDisk } from './homeStore';
import { MergeQuestions } from './mergeQuestions';

interface OpenHome extends HomeOnDisk {
  /** What writes have to ask. */
  readonly questions: MergeQuestions;
}

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

/** Gives everything below it the open home, and keeps it abreast of other tabs. */
export function HomeProvider({
  home,
  client,
  children,
}: {
  home: HomeOnDisk;
  client: QueryClient;
  children: ReactNode;
}) {
  useEffect(
    () =>
      home.store.listen((collections) => collections.forEach((c) => void client.invalidateQueries({ queryKey: [c] }))),
    [home, client],
  );
  const [questions] = useState(() => new MergeQuestions());
  const open = useMemo(() => ({ ...home, questions }), [home, questions]);
  return (
    <QueryClientProvider client={client}>
      <HomeContext.Provider value={open}>{children}</HomeContext.Provider>
    </QueryClientProvider>
  );
}

/** The open home. */
export function useHome(): OpenHome {
  const home = useContext(HomeContext);
  if (!home) throw new Error('useHome needs a HomeProvider above it');
  return home;
}
