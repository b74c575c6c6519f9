import { SOURCES, type Finding } from '@/core';
import { FindingCard, Section } from '@/ui';

/** What of a wait or a part is a danger for who lives here now, whoever lived here when it began. */
export function NotRightCards({ findings }: { findings: readonly Finding[] }) {
  if (findings.length === 0) return null;
  return (
    <Section>
      {findings.map((f) => (
        <FindingCard key={f.code} finding={f} sources={f.sources.map((s) => SOURCES[s])} />
      ))}
    </Section>
  );
}
