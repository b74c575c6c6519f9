import Svg, { G, Path, Rect, Text as SvgText } from 'react-native-svg';
import type { LabelLayout } from './labelLayout';
import { codePath, LABEL_BAND, LABEL_FONT, LABEL_INK } from './labelSvg';

const PT_MM = 25.4 / 72;

/** A label on screen, exactly as it prints: the same layout, drawn. */
export function LabelPreview({ layout, width }: { layout: LabelLayout; width: number }) {
  const { widthMM, heightMM, runs, code, bandMM } = layout;
  return (
    <Svg
      width={width}
      height={(width * heightMM) / widthMM}
      viewBox={`0 0 ${widthMM} ${heightMM}`}
      role="img"
      aria-label={`The label: ${runs.map((r) => r.text).join(' ')}${code ? ' And a code that holds the formula.' : ''}`}
      testID="label-preview"
    >
      <Rect width={widthMM} height={heightMM} fill="#fff" />
      <Rect width={widthMM} height={bandMM} fill={LABEL_BAND} />
      {runs.map((run, i) => (
        <SvgText
          key={i}
          x={run.x}
          y={run.y}
          fontSize={run.sizePT * PT_MM}
          fontWeight={run.bold ? '700' : '400'}
          fontFamily={LABEL_FONT}
          fill={LABEL_INK}
        >
          {run.text}
        </SvgText>
      ))}
      {code && (
        <G transform={`translate(${code.x} ${code.y}) scale(${code.sideMM / code.modules.length})`}>
          <Path d={codePath(code.modules)} fill="#000" />
        </G>
      )}
    </Svg>
  );
}
