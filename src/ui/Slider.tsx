import ElementsSlider from '@rneui/themed/dist/Slider';
import { StyleSheet } from 'react-native';
import { COLORS, TOUCH } from './theme';

interface Props {
  readonly label: string;
  readonly value: number;
  readonly most: number;
  readonly step: number;
  /** The value in words. */
  readonly text: string;
  readonly onChange: (value: number) => void;
}

/** A value to be dragged, or moved by the arrow keys. */
export function Slider({ label, value, most, step, text, onChange }: Props) {
  const to = (next: number): void => onChange(Math.max(0, Math.min(most, next)));
  const keys = {
    onKeyDown: (event: { key: string; preventDefault: () => void }) => {
      const by = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1, PageUp: 10, PageDown: -10 }[event.key];
      if (by === undefined) return;
      event.preventDefault();
      to(value + by * step);
    },
  };
  // React Native Elements hands these on to the element itself, which has a role but neither name nor value on the web.
  const spoken: object = {
    ...keys,
    role: 'slider',
    tabIndex: 0,
    'aria-label': label,
    'aria-valuemin': 0,
    'aria-valuemax': most,
    'aria-valuenow': value,
    'aria-valuetext': text,
  };
  return (
    <ElementsSlider
      {...spoken}
      value={value}
      minimumValue={0}
      maximumValue={most}
      step={step}
      onValueChange={to}
      allowTouchTrack
      minimumTrackTintColor={COLORS.action}
      maximumTrackTintColor={COLORS.lineStrong}
      style={styles.slider}
      trackStyle={styles.track}
      thumbStyle={styles.thumb}
      thumbTouchSize={{ width: TOUCH, height: TOUCH }}
    />
  );
}

const styles = StyleSheet.create({
  slider: { height: TOUCH, borderRadius: 10 },
  track: { height: 6, borderRadius: 3 },
  thumb: { width: 32, height: 32, borderRadius: 16, backgroundColor: COLORS.action },
});
