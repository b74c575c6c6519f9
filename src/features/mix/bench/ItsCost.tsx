import { useMemo } from 'react';
import { costOfPortions, insteadOf, insteadPerUse } from '@/core/doors/money';
import { listOf, pouredPortions } from '@/core';
import { useInstead, usePantry, useSettings } from '@/data';
import { Body, Heading, moneyText, SecondaryText, Section } from '@/ui';
import type { ReadyBatch } from './useBenchActions';

/** What goes in costs, by the packs in the cupboard, and what would be bought in its place; nothing where no price is known. */
export function ItsCost({ ready: { plan }, formulaId }: { ready: ReadyBatch; formulaId: string }) {
  const { currency } = useSettings();
  const pantry = usePantry().data;
  const instead = insteadOf(formulaId, useInstead().data ?? []);
  const cost = useMemo(() => (pantry ? costOfPortions(pouredPortions(plan), pantry) : null), [plan, pantry]);
  if (!cost) return null;
  const litres = (plan.fillML * plan.bottles) / 1000;
  const text = (money: number): string => moneyText(money, currency);
  return (
    <Section>
      <Heading>What it costs</Heading>
      <Body testID="its-cost">{`About ${text(cost.money)} as poured, ${text(cost.money / litres)} a litre.`}</Body>
      {instead && (
        <SecondaryText>
          {`${instead.name}, bought: ${text(insteadPerUse(instead))} a use. What yours comes to a use stands in the log, under Money.`}
        </SecondaryText>
      )}
      {cost.unpriced.length > 0 && (
        <SecondaryText>{`Without ${listOf(cost.unpriced)}: no price is known.`}</SecondaryText>
      )}
    </Section>
  );
}
