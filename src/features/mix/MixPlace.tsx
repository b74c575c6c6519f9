import type { ReactNode } from 'react';
import { Body, Screen, Title, TwoPanes, useWide } from '@/ui';
import { FormulaList } from './FormulaList';

/** The formulas beside the one that is open. */
export const MixPlace = ({ openId, children }: { openId: string | null; children: ReactNode }) => (
  <TwoPanes list={<FormulaList openId={openId} />} listWidth={340}>
    {children}
  </TwoPanes>
);

/** The place itself: on a phone its list; on a wide screen, what to do first. */
export function MixHome() {
  const wide = useWide();
  if (!wide) return <FormulaList openId={null} />;
  return (
    <Screen>
      <Title>Pick a formula</Title>
      <Body>
        Take one from the list, or paste a recipe you found. You get its verdict, how much of each goes into your
        bottle, and a label.
      </Body>
    </Screen>
  );
}
