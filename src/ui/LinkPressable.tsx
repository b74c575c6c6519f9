import type { ReactNode } from 'react';
import { Pressable, type GestureResponderEvent, type StyleProp, type ViewStyle } from 'react-native';

interface Props {
  /** The address within the app. */
  readonly to: string;
  readonly onGo: () => void;
  readonly current?: boolean;
  readonly style?: StyleProp<ViewStyle>;
  readonly children: ReactNode;
}

/** Pressed with a key that opens a new tab or window: the browser's affair. */
const isBrowsers = (event: GestureResponderEvent): boolean => {
  const native = event.nativeEvent as unknown as { ctrlKey?: boolean; metaKey?: boolean; shiftKey?: boolean };
  return [native.ctrlKey, native.metaKey, native.shiftKey].includes(true);
};

/** Anything that leads to another screen: a true link, so that keys, readers and new tabs work as everywhere. */
export function LinkPressable({ to, onGo, current = false, style, children }: Props) {
  const address = { href: to };
  return (
    <Pressable
      {...address}
      role="link"
      aria-current={current ? 'page' : undefined}
      onPress={(event) => {
        if (isBrowsers(event)) return;
        event.preventDefault();
        onGo();
      }}
      style={({ pressed }) => [style, pressed && { opacity: 0.7 }]}
    >
      {children}
    </Pressable>
  );
}
