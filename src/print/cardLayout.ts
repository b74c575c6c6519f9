import type { LabelContent } from '@/core';
import type { HandedOn } from '@/core/doors/household';
import { contentsText, laidOut, type LabelLayout, type Paragraph, type TextWidth } from './labelLayout';

/** What a card says that goes with a bottle to somebody who knows nothing of it. */
export interface CardFacts {
  readonly content: LabelContent;
  readonly handed: HandedOn;
  readonly volume: string;
  readonly made: string;
  readonly discardBy: string;
  /** Numbers to call, as the maker has entered them; empty if not. */
  readonly emergencyNumber: string;
  readonly poisonNumber: string;
}

/** ISO 216 A6, mm. */
const A6 = { widthMM: 105, heightMM: 148 } as const;

/** A card is read at arm's length, pt. */
const SIZES_PT = [13, 12, 11, 10.5, 10, 9.5, 9, 8.5, 8] as const;

/** To be filled in by hand. */
const BLANK = '____________________';

function paragraphsOf(facts: CardFacts): Paragraph[] {
  const { content: c, handed, volume, made, discardBy, emergencyNumber, poisonNumber } = facts;
  const meets = c.neverMeets ?? [];
  const storage = c.storage ?? [];
  const all: (Paragraph | null)[] = [
    { lead: '', text: c.name, name: true },
    { lead: '', text: 'A cleaner made at home. It cleans; it does not disinfect.' },
    c.purpose ? { lead: 'For: ', text: c.purpose } : null,
    c.how ? { lead: 'How: ', text: c.how } : null,
    c.dwell ? { lead: 'Leave on: ', text: c.dwell } : null,
    c.shake ? { lead: '', text: 'Shake before use.' } : null,
    c.never ? { lead: 'Never on: ', text: c.never } : null,
    meets.length > 0
      ? { lead: 'Never with: ', text: `${meets.join(', ')}, nor any bought cleaner` }
      : { lead: 'Never with: ', text: 'any bought cleaner' },
    ...handed.cautions.map((text) => ({ lead: 'Take care: ', text })),
    ...handed.notFor.map((text) => ({ lead: 'Not for every home: ', text })),
    ...handed.mind.map((text) => ({ lead: 'Mind: ', text })),
    { lead: 'In it: ', text: contentsText(c) },
    ...handed.firstAid.map(({ after, steps }) => ({ lead: `${after}: `, text: steps.join(' ') })),
    {
      lead: 'Call: ',
      text: `emergency ${emergencyNumber || BLANK}, poison advice ${poisonNumber || BLANK}. Elsewhere other numbers hold.`,
    },
    { lead: 'Discard by: ', text: `${discardBy}. Made ${made}, ${volume}.` },
    storage.length > 0 ? { lead: 'Keep: ', text: storage.join(' '), spare: true } : null,
    { lead: '', text: 'Keep it in its bottle with its label, away from children and animals.' },
  ];
  return all.filter((p) => p !== null);
}

/** Lays out a card, A6: nothing that warns is left out, however long it gets. */
export const cardLayout = (facts: CardFacts, width: TextWidth): LabelLayout =>
  laidOut(paragraphsOf(facts), null, A6, width, SIZES_PT);
