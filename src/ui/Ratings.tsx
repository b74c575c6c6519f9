import type { Rating } from '../core';
import { Rate } from './Rate';

/** What is rated, in the order of looking: its name and what its ends mean. */
export const RATED: readonly {
  readonly key: keyof Rating;
  readonly label: string;
  readonly low: string;
  readonly high: string;
}[] = [
  { key: 'touch', label: 'Touch', low: 'rough', high: 'smooth' },
  { key: 'look', label: 'Look', low: 'as before', high: 'clear' },
  { key: 'smell', label: 'Smell', low: 'strong', high: 'none' },
  { key: 'effort', label: 'Work', low: 'hard', high: 'hardly any' },
];

/** How it went, by touch, look, smell and work: each one tap. */
export const Ratings = ({ rating, onChange }: { rating: Rating; onChange: (rating: Rating) => void }) => (
  <>
    {RATED.map(({ key, ...words }) => (
      <Rate key={key} {...words} value={rating[key]} onChange={(value) => onChange({ ...rating, [key]: value })} />
    ))}
  </>
);
