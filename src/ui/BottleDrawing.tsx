import { useId } from 'react';
import Svg, { ClipPath, Defs, G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import type { Profile, VesselShape } from '../core';
import { liquidColor } from './liquidColor';
import { formatNumber } from './numbers';
import { TAPE_HEIGHT, tapeHeights } from './tapeHeights';
import { COLORS, FAMILY } from './theme';

/** One layer of the pour, bottom to top. */
export interface Layer {
  readonly key: string;
  readonly name: string;
  readonly ingredientId: string;
  readonly form: 'liquid' | 'powder' | 'oil' | 'solid';
  /** Height of its top above the inside base, mm; null for a few drops, which have no layer. */
  readonly topMM: number | null;
  /** mL in the vessel when this layer is in. */
  readonly levelML: number;
}

interface Props {
  readonly profile: Profile;
  readonly top: VesselShape['top'];
  readonly layers: readonly Layer[];
  readonly width: number;
  readonly height: number;
}

const CAP_MM = { trigger: 62, 'flip-cap': 20, 'screw-lid': 16, pipette: 40, open: 6 } as const;
const TAPE_WIDTH = 136;
const LEAD = 26;

/** Left outline upwards, right outline downwards, through the profile's rings. */
function outline(profile: Profile, x: (mm: number) => number, y: (mm: number) => number): string {
  const left = profile.map((p) => `${x(-p.diameterMM / 2).toFixed(1)} ${y(p.heightMM).toFixed(1)}`);
  const right = [...profile].reverse().map((p) => `${x(p.diameterMM / 2).toFixed(1)} ${y(p.heightMM).toFixed(1)}`);
  return `M${left.join('L')}L${right.join('L')}Z`;
}

/** A name that fits beside the bottle. */
const shortName = (name: string): string => (name.length > 18 ? `${name.slice(0, 17)}…` : name);

/**
 * A bottle to its true profile: layers in the order they are poured, a strip of tape at each mark with
 * the mL and mm to pour to, the headspace left empty.
 */
export function BottleDrawing({ profile, top, layers, width, height }: Props) {
  // Two bottles on one page each have an inside of their own.
  const inside = `inside-${useId().replace(/[^a-z0-9]/gi, '')}`;
  const tallMM = (profile.at(-1)?.heightMM ?? 100) + CAP_MM[top];
  const wideMM = Math.max(...profile.map((p) => p.diameterMM));
  const scale = Math.min((height - 16) / tallMM, (width - TAPE_WIDTH - LEAD - 12) / wideMM);
  const spare = Math.max(0, width - wideMM * scale - LEAD - TAPE_WIDTH);
  const middle = spare / 2 + (wideMM * scale) / 2;
  const x = (mm: number): number => middle + mm * scale;
  const y = (mm: number): number => height - 8 - mm * scale;
  const path = outline(profile, x, y);
  const poured = layers.filter((l) => l.topMM !== null);
  const tapes = tapeHeights(
    poured.map((l) => y(l.topMM ?? 0)),
    y(0),
  );
  const neckMM = profile.at(-1)?.diameterMM ?? 20;
  const brim = profile.at(-1)?.heightMM ?? 0;
  const filledMM = poured.at(-1)?.topMM ?? 0;
  const freePX = (brim - filledMM) * scale;
  const saying = poured
    .map((l) => `${l.name} to ${formatNumber(l.levelML)} mL, ${formatNumber(l.topMM ?? 0)} mm high`)
    .join('; ');
  return (
    <Svg
      width={width}
      height={height}
      role="img"
      aria-label={`The bottle. ${saying}. The rest stays empty.`}
      testID="bottle"
    >
      <Defs>
        <ClipPath id={inside}>
          <Path d={path} />
        </ClipPath>
      </Defs>
      <Path d={path} fill={COLORS.sheet} />
      <G clipPath={`url(#${inside})`}>
        {poured.map((layer, i) => {
          const from = i === 0 ? 0 : (poured[i - 1]?.topMM ?? 0);
          const upper = y(layer.topMM ?? 0);
          return (
            <Rect
              key={layer.key}
              x={0}
              y={upper}
              width={width}
              height={Math.max(1, y(from) - upper)}
              fill={liquidColor(layer.ingredientId, layer.form)}
              stroke={COLORS.ink}
              strokeOpacity={0.25}
              strokeWidth={1}
            />
          );
        })}
        <Rect x={x(-wideMM / 2) + 5} y={y(brim)} width={5} height={brim * scale} fill="#FFFFFF" opacity={0.5} />
      </G>
      <Path d={path} fill="none" stroke={COLORS.ink} strokeWidth={2.5} strokeLinejoin="round" />
      {freePX > 22 && (
        <SvgText
          x={middle}
          y={y(filledMM) - freePX / 2 + 4}
          textAnchor="middle"
          fontFamily={FAMILY.body}
          fontSize={14}
          fill={COLORS.inkSoft}
        >
          free
        </SvgText>
      )}
      <Top top={top} x={x} y={y} brim={brim} neckMM={neckMM} scale={scale} />
      {poured.map((layer, i) => {
        const at = y(layer.topMM ?? 0);
        const tape = tapes[i] ?? at;
        const left = x(wideMM / 2) + LEAD;
        const right = left + TAPE_WIDTH;
        return (
          <G key={layer.key}>
            <Line
              x1={x(0)}
              x2={x(wideMM / 2) + 6}
              y1={at}
              y2={at}
              stroke={COLORS.ink}
              strokeWidth={1.5}
              strokeDasharray="4 3"
            />
            <Line x1={x(wideMM / 2) + 6} x2={left} y1={at} y2={tape} stroke={COLORS.ink} strokeWidth={1.5} />
            <Path
              d={`M${left} ${tape - TAPE_HEIGHT / 2}H${right - 5}l4 4l-4 4l4 4l-4 4l4 4l-4 4H${left}l-3 -4l3 -4l-3 -4l3 -4l-3 -4Z`}
              fill={COLORS.tape}
            />
            <SvgText
              x={left + 7}
              y={tape + 5.5}
              fontFamily={FAMILY.body}
              fontWeight="700"
              fontSize={15}
              fill={COLORS.tapeInk}
            >
              {`${formatNumber(layer.levelML)} mL · ${formatNumber(layer.topMM ?? 0)} mm`}
            </SvgText>
            <SvgText x={left + 7} y={tape + TAPE_HEIGHT + 4} fontFamily={FAMILY.body} fontSize={15} fill={COLORS.ink}>
              {shortName(layer.name)}
            </SvgText>
          </G>
        );
      })}
    </Svg>
  );
}

interface TopProps {
  readonly top: VesselShape['top'];
  readonly x: (mm: number) => number;
  readonly y: (mm: number) => number;
  readonly brim: number;
  readonly neckMM: number;
  readonly scale: number;
}

/** What closes the vessel, drawn above the brim. */
function Top({ top, x, y, brim, neckMM, scale }: TopProps) {
  const half = neckMM / 2 + 3;
  const box = (fromMM: number, toMM: number, halfMM: number) => (
    <Rect
      x={x(-halfMM)}
      y={y(brim + toMM)}
      width={2 * halfMM * scale}
      height={(toMM - fromMM) * scale}
      rx={3}
      fill={COLORS.ink}
    />
  );
  switch (top) {
    case 'trigger':
      return (
        <G>
          {box(0, 14, half)}
          <Path
            d={`M${x(-6)} ${y(brim + 14)}V${y(brim + 30)}H${x(-14)}V${y(brim + 50)}H${x(30)}V${y(brim + 38)}H${x(20)}L${x(24)} ${y(brim + 12)}H${x(18)}L${x(10)} ${y(brim + 30)}V${y(brim + 14)}Z`}
            fill={COLORS.ink}
          />
        </G>
      );
    case 'flip-cap':
      return box(0, 18, half + 2);
    case 'screw-lid':
      return box(-4, 12, half);
    case 'pipette':
      return (
        <G>
          {box(0, 14, half)}
          {box(14, 36, neckMM / 4)}
        </G>
      );
    case 'open':
      return null;
  }
}
