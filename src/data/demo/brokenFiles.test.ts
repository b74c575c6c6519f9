import fc from 'fast-check';
import { dueSurfaces, isExpired, lastBySurface, readHomeFile, residuesAt, timerAt, type Home } from '../../core';
import { notRightHere } from '../../core/doors/household';
import { EVERYTHING, filterLog, groupLog, writeLogCsv } from '../../core/doors/log';
import { CHANGED_AT, changedFile } from '../../testing/changedHomes';
import { runs } from '../../testing/runs';

/** Files changed at one place, from the demo home: what is accepted breaks nothing that screens ask of it. */

const NOW = CHANGED_AT;

/** What Today, the shelf, the rooms, the log and the waits ask of a home. */
function asked(home: Home): void {
  for (const timer of home.timers) timerAt(timer, NOW);
  for (const batch of home.batches) isExpired(batch, new Date(NOW).toISOString());
  dueSurfaces(home.surfaces, lastBySurface(home.log), new Date(NOW).toISOString());
  for (const s of home.surfaces) residuesAt({ surfaceId: s.id, roomId: s.roomId, name: s.name }, home.log, NOW);
  groupLog(filterLog(home.log, { ...EVERYTHING, words: 'vinegar' }), 'month');
  writeLogCsv(home.log);
  notRightHere(home, home.settings, new Date(NOW).toISOString());
}

test('a file changed at any place is refused in words, or breaks nothing', () => {
  let accepted = 0;
  fc.assert(
    fc.property(changedFile, (text) => {
      const read = readHomeFile(text);
      if (read.ok) {
        accepted++;
        asked(read.value);
      } else expect(read.problems[0]?.message.length).toBeGreaterThan(10);
    }),
    { numRuns: runs(5000) },
  );
  expect(accepted).toBeGreaterThan(0);
});
