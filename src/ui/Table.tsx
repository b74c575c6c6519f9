import { StyleSheet, View } from 'react-native';
import { Body } from './Text';
import { COLORS, SPACE } from './theme';

interface TableRow {
  readonly cells: readonly string[];
  /** True where it stands out: its cells are bold. */
  readonly strong?: boolean;
}

interface Props {
  readonly label: string;
  readonly head?: readonly string[];
  readonly rows: readonly TableRow[];
  /** True for figures: they stand under one another, at the right. */
  readonly figures?: boolean;
}

/** A table: the first cell of a row says what it is about. */
export function Table({ label, head, rows, figures = false }: Props) {
  return (
    <View role="table" aria-label={label}>
      {head && <Line cells={head} isHead figures={figures} />}
      {rows.map((row, i) => (
        <Line key={`${row.cells[0]} ${i}`} cells={row.cells} strong={row.strong === true} figures={figures} />
      ))}
    </View>
  );
}

interface LineProps {
  readonly cells: readonly string[];
  readonly isHead?: boolean;
  readonly strong?: boolean;
  readonly figures: boolean;
}

function Line({ cells, isHead = false, strong = false, figures }: LineProps) {
  return (
    <View role="row" style={[styles.row, isHead && styles.head]}>
      {cells.map((cell, i) => (
        <View
          key={i}
          role={isHead ? 'columnheader' : i === 0 ? 'rowheader' : 'cell'}
          style={i === 0 ? (figures ? styles.wide : styles.first) : styles.cell}
        >
          <Body
            style={[
              isHead || (strong && (i > 0 || figures)) ? styles.strong : i === 0 && !figures && styles.soft,
              figures && i > 0 && styles.figure,
            ]}
          >
            {cell}
          </Body>
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  row: {
    flexDirection: 'row',
    gap: SPACE.m,
    paddingVertical: SPACE.s,
    borderBottomWidth: 1,
    borderBottomColor: COLORS.line,
  },
  head: { borderBottomWidth: 2, borderBottomColor: COLORS.ink },
  first: { flex: 1 },
  wide: { flex: 2 },
  cell: { flex: 1.1 },
  strong: { fontWeight: '700', fontVariant: ['tabular-nums'] },
  soft: { color: COLORS.inkSoft },
  figure: { textAlign: 'right', fontVariant: ['tabular-nums'] },
});
