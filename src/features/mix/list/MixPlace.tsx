import { Redirect } from 'expo-router';
import type { ReactNode } from 'react';
import { ListDetail, useWide } from '@/ui';
import { FormulaList } from './FormulaList';

/** The formulas beside the one that is open. */
export const MixPlace = ({ openId, children }: { openId: string | null; children: ReactNode }) => (
  <ListDetail list={<FormulaList openId={openId} />} listWidth={340}>
    {children}
  </ListDetail>
);

/** The place itself: on a phone its list; on a wide screen, a recipe can be pasted beside it at once. */
export function MixHome() {
  const wide = useWide();
  return wide ? <Redirect href="/mix/paste" /> : <FormulaList openId={null} />;
}
