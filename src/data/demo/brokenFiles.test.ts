import fc from 'fast-check';
import { readHomeFile } from '../../core';
import { changedFile, wrongWithFile } from '../../testing/changedHomes';
import { runs } from '../../testing/runs';

/** Files changed at one place, from the demo home: what is accepted breaks nothing that screens ask of it. */

test('a file changed at any place is refused in words, or breaks nothing', () => {
  let accepted = 0;
  fc.assert(
    fc.property(changedFile, (text) => {
      expect([text, wrongWithFile(text)]).toEqual([text, null]);
      if (readHomeFile(text).ok) accepted++;
    }),
    { numRuns: runs(1000) },
  );
  expect(accepted).toBeGreaterThan(0);
});
