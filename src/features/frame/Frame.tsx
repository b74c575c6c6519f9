import { ThemeProvider } from '@rneui/themed';
import { useQueryClient } from '@tanstack/react-query';
import { usePathname, useRouter } from 'expo-router';
import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { SafeAreaProvider } from 'react-native-safe-area-context';
import {
  createClient,
  HomeProvider,
  homeKind,
  openHome,
  useQuarantine,
  useReadAll,
  useBatches,
  useHome,
  useWriteFailures,
} from '@/data';
import {
  Action,
  Alert,
  Body,
  COLORS,
  elementsTheme,
  loadFonts,
  NoticeProvider,
  useNotice,
  Navigation,
  SPACE,
  type PlaceId,
  type SideId,
} from '@/ui';
import { Alarms } from './Alarms';
import { Losses } from './Losses';
import { MergeSheet } from './MergeSheet';

loadFonts();

const ADDRESS: Record<PlaceId | SideId, '/' | '/mix' | '/shelf' | '/rooms' | '/log' | '/safety' | '/settings'> = {
  today: '/',
  mix: '/mix',
  shelf: '/shelf',
  rooms: '/rooms',
  log: '/log',
  safety: '/safety',
  settings: '/settings',
};

const placeOf = (path: string): PlaceId | SideId | null => {
  const first = path.split('/')[1] ?? '';
  if (first === '') return 'today';
  if (first === 'clean') return 'today';
  return first in ADDRESS ? (first as PlaceId | SideId) : null;
};

let open: { readonly home: ReturnType<typeof openHome>; readonly client: ReturnType<typeof createClient> } | null =
  null;

/** The home of this page: opened once, however often the frame is drawn anew; a page is one tab among others. */
const openedOnce = () => (open ??= { home: openHome(homeKind()), client: createClient() });

/** Everything around a screen: the open home, the theme, the places, what was just done. */
export function Frame({ children }: { children: ReactNode }) {
  const { home, client } = openedOnce();
  return (
    <SafeAreaProvider>
      <ThemeProvider theme={elementsTheme}>
        <HomeProvider home={home} client={client}>
          <NoticeProvider>
            <Inner>{children}</Inner>
          </NoticeProvider>
        </HomeProvider>
      </ThemeProvider>
    </SafeAreaProvider>
  );
}

function Inner({ children }: { children: ReactNode }) {
  const router = useRouter();
  useWriteFailures(useNotice());
  useReadAll();
  const path = usePathname();
  return (
    <Navigation here={placeOf(path)} addresses={ADDRESS} go={(to) => router.push(ADDRESS[to])} banner={<Banners />}>
      {children}
      <MergeSheet />
    </Navigation>
  );
}

/** What a person must know wherever they are: that this is the demo, that data could not be read. */
function Banners() {
  const { kind } = useHome();
  const client = useQueryClient();
  const batches = useBatches();
  const asides = useQuarantine();
  return (
    <>
      {kind === 'demo' && (
        <View style={styles.demo}>
          <Body style={styles.demoText}>Demo home: the narrowboat Pipit</Body>
        </View>
      )}
      <Alarms />
      <Losses />
      {batches.isError && (
        <Alert>
          <Body>Your home cannot be opened: {batches.error.message}</Body>
          <Action title="Try again" onPress={() => void client.resetQueries()} />
        </Alert>
      )}
      {asides.length > 0 && (
        <Alert>
          <Body>
            {asides.length === 1
              ? 'One record could not be read and stands aside'
              : `${asides.length} records could not be read and stand aside`}
            ; the rest is here. See Settings.
          </Body>
        </Alert>
      )}
    </>
  );
}

const styles = StyleSheet.create({
  demo: { backgroundColor: COLORS.tape, paddingHorizontal: SPACE.l, paddingVertical: 4 },
  demoText: { color: COLORS.tapeInk },
});
