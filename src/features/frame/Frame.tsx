import { ThemeProvider } from '@rneui/themed/dist/config';
import { usePathname, useRouter } from 'expo-router';
import { useState, type ComponentType, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { SafeAreaProvider } from 'react-native-safe-area-context';
import { homeKind } from '@/data/homeKind';
import { createClient, HomeProvider } from '@/data/HomeProvider';
import { Navigation, type PlaceId, type SideId } from '@/ui/Navigation';
import { NoticeProvider } from '@/ui/Notice';
import { Body } from '@/ui/Text';
import { COLORS, elementsTheme, SPACE } from '@/ui/theme';
import { Guard } from './Guard';
import { OfflineSign } from './OfflineSign';
import { useOpening } from './opening';

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

/** Everything around a screen: the home being opened, the theme, the places, what was just done. */
export function Frame({ children }: { children: ReactNode }) {
  const { opening, Watch } = useOpening();
  const [client] = useState(createClient);
  return (
    <SafeAreaProvider>
      <ThemeProvider theme={elementsTheme}>
        <HomeProvider opening={opening} client={client}>
          <NoticeProvider>
            <Inner Watch={Watch}>{children}</Inner>
          </NoticeProvider>
        </HomeProvider>
      </ThemeProvider>
    </SafeAreaProvider>
  );
}

interface InnerProps {
  readonly children: ReactNode;
  /** What watches over the home; null until it is open. */
  readonly Watch: ComponentType | null;
}

function Inner({ children, Watch }: InnerProps) {
  const router = useRouter();
  const path = usePathname();
  return (
    <Navigation
      here={placeOf(path)}
      addresses={ADDRESS}
      go={(to) => router.push(ADDRESS[to])}
      banner={<Banners Watch={Watch} />}
    >
      <Guard at={path}>{children}</Guard>
    </Navigation>
  );
}

/** What a person must know wherever they are: that this is the demo, what is due, what is wrong. */
function Banners({ Watch }: Pick<InnerProps, 'Watch'>) {
  return (
    <>
      {homeKind() === 'demo' && (
        <View style={styles.demo}>
          <Body style={styles.demoText}>Demo home: the narrowboat Pipit</Body>
        </View>
      )}
      <OfflineSign />
      <Guard at="" instead={null}>
        {Watch && <Watch />}
      </Guard>
    </>
  );
}

const styles = StyleSheet.create({
  demo: { backgroundColor: COLORS.tape, paddingHorizontal: SPACE.l, paddingVertical: 4 },
  demoText: { color: COLORS.tapeInk },
});
