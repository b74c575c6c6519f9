import type { ReactNode } from 'react';
import { StyleSheet, Text, View, useWindowDimensions } from 'react-native';
import Svg, { Circle, Path, Rect } from 'react-native-svg';
import { LinkPressable } from './LinkPressable';
import { NoticeBar } from './Notice';
import { COLORS, FAMILY, SPACE, TOUCH, WIDE_FROM } from './theme';
import { scallopPath } from './scallop';

export type PlaceId = 'today' | 'mix' | 'shelf' | 'rooms' | 'log';
export type SideId = 'safety' | 'settings';

/** The five places, in the order of the work. */
const PLACES: readonly { readonly id: PlaceId; readonly name: string }[] = [
  { id: 'today', name: 'Today' },
  { id: 'mix', name: 'Mix' },
  { id: 'shelf', name: 'Shelf' },
  { id: 'rooms', name: 'Rooms' },
  { id: 'log', name: 'Log' },
];

interface Props {
  readonly here: PlaceId | SideId | null;
  /** The address of each place. */
  readonly addresses: Readonly<Record<PlaceId | SideId, string>>;
  readonly go: (to: PlaceId | SideId) => void;
  readonly banner: ReactNode;
  readonly children: ReactNode;
}

/** True if there is room for two panes. */
export const useWide = (): boolean => useWindowDimensions().width >= WIDE_FROM;

/** The frame of the app: places at the bottom of a phone, in a rail at the left of a wide screen. */
export function Navigation({ here, addresses, go, banner, children }: Props) {
  const wide = useWide();
  const places = (
    <View style={wide ? styles.railPlaces : styles.bar} role="navigation" aria-label="Places">
      {PLACES.map((p) => (
        <Place key={p.id} name={p.name} on={here === p.id} wide={wide} to={addresses[p.id]} onPress={() => go(p.id)}>
          <PlaceMark id={p.id} ink={here === p.id ? COLORS.action : COLORS.inkSoft} />
        </Place>
      ))}
    </View>
  );
  const sides = (
    <View style={wide ? styles.railSides : styles.head} role="navigation" aria-label="Help and settings">
      {!wide && <Text style={styles.brand}>Biscuit</Text>}
      {!wide && <View style={styles.spring} />}
      <Side name="Safety" on={here === 'safety'} to={addresses.safety} onPress={() => go('safety')} />
      <Side name="Settings" on={here === 'settings'} to={addresses.settings} onPress={() => go('settings')} />
    </View>
  );
  if (wide) {
    return (
      <View style={styles.wide}>
        <View style={styles.rail}>
          <Text style={[styles.brand, styles.railBrand]}>Biscuit</Text>
          {places}
          <View style={styles.spring} />
          {sides}
        </View>
        <View style={styles.fill}>
          {banner}
          <View style={styles.fill}>{children}</View>
          <NoticeBar />
        </View>
      </View>
    );
  }
  return (
    <View style={styles.fill}>
      {sides}
      {banner}
      <View style={styles.fill}>{children}</View>
      <NoticeBar />
      {places}
    </View>
  );
}

function Place({
  name,
  on,
  wide,
  to,
  onPress,
  children,
}: {
  name: string;
  on: boolean;
  wide: boolean;
  to: string;
  onPress: () => void;
  children: ReactNode;
}) {
  return (
    <LinkPressable
      to={to}
      onGo={onPress}
      current={on}
      style={[wide ? styles.railPlace : styles.place, on && (wide ? styles.railOn : styles.placeOn)]}
    >
      {children}
      <Text style={[styles.placeName, on && styles.placeNameOn]}>{name}</Text>
    </LinkPressable>
  );
}

function Side({ name, on, to, onPress }: { name: string; on: boolean; to: string; onPress: () => void }) {
  return (
    <LinkPressable to={to} onGo={onPress} current={on} style={styles.side}>
      <Text style={[styles.sideName, on && styles.placeNameOn]}>{name}</Text>
    </LinkPressable>
  );
}

/** Drawn marks of the places: a sun over the edge, a bottle, a shelf, a door plan, a ruled page. */
function PlaceMark({ id, ink }: { id: PlaceId; ink: string }) {
  const line = {
    stroke: ink,
    strokeWidth: 2.2,
    fill: 'none',
    strokeLinecap: 'round',
    strokeLinejoin: 'round',
  } as const;
  return (
    <Svg width={26} height={26} viewBox="0 0 26 26" aria-hidden>
      {id === 'today' && <Path d={scallopPath(13, 13, 8, 10)} {...line} />}
      {id === 'today' && <Circle cx={13} cy={13} r={3} fill={ink} />}
      {id === 'mix' && <Path d="M10 3h6M11 3v6l-4 4v10h12V13l-4-4V3M7 17h12" {...line} />}
      {id === 'shelf' && <Path d="M2 22h22M5 22V11h5v11M13 22V6h4v16M20 22v-8" {...line} />}
      {id === 'rooms' && <Rect x={3} y={3} width={20} height={20} rx={1} {...line} />}
      {id === 'rooms' && <Path d="M3 13h8M15 13h8M13 3v5" {...line} />}
      {id === 'log' && <Path d="M6 3h11l4 4v16H6zM10 11h7M10 15h7M10 19h4" {...line} />}
    </Svg>
  );
}

const styles = StyleSheet.create({
  fill: { flex: 1 },
  spring: { flex: 1 },
  wide: { flex: 1, flexDirection: 'row', backgroundColor: COLORS.paper },
  rail: {
    width: 168,
    borderRightWidth: 1,
    borderRightColor: COLORS.line,
    paddingVertical: SPACE.l,
    backgroundColor: COLORS.paper,
  },
  railPlaces: { gap: SPACE.xs },
  railPlace: {
    minHeight: TOUCH + 4,
    flexDirection: 'row',
    alignItems: 'center',
    gap: SPACE.m,
    paddingHorizontal: SPACE.l,
    borderLeftWidth: 5,
    borderLeftColor: 'transparent',
  },
  railOn: { borderLeftColor: COLORS.action, backgroundColor: COLORS.actionTint },
  railSides: { paddingHorizontal: SPACE.s },
  railBrand: { paddingHorizontal: SPACE.l, paddingBottom: SPACE.l, fontSize: 24 },
  head: {
    flexDirection: 'row',
    alignItems: 'center',
    paddingHorizontal: SPACE.l,
    minHeight: TOUCH,
    backgroundColor: COLORS.paper,
  },
  brand: { fontFamily: FAMILY.display, fontWeight: '600', fontSize: 20, color: COLORS.action },
  bar: { flexDirection: 'row', borderTopWidth: 1, borderTopColor: COLORS.line, backgroundColor: COLORS.sheet },
  place: {
    flex: 1,
    minHeight: 60,
    alignItems: 'center',
    justifyContent: 'center',
    gap: 1,
    borderTopWidth: 4,
    borderTopColor: 'transparent',
  },
  placeOn: { borderTopColor: COLORS.action },
  placeName: { fontFamily: FAMILY.body, fontSize: 15, lineHeight: 19, color: COLORS.inkSoft },
  placeNameOn: { color: COLORS.action, fontWeight: '700' },
  side: { minHeight: TOUCH, minWidth: TOUCH, justifyContent: 'center', paddingHorizontal: SPACE.s },
  sideName: { fontFamily: FAMILY.body, fontSize: 16, color: COLORS.inkSoft },
});
