import {
  jointsOf,
  toleranceOf,
  rankWays,
  SOILS,
  STARTER_FORMULAS,
  DEFAULT_CONTEXT,
  weighSupplies,
  writeHomeFile,
  readHomeFile,
} from '@/core';
import { demoHome } from './demoHome';

const NOW = new Date('2026-11-25T10:00:00.000Z');
const home = demoHome(NOW);

describe('the demo home', () => {
  test('is a home like any other: it passes the schema of the file', () => {
    expect(readHomeFile(writeHomeFile(home, NOW.toISOString())).ok).toBe(true);
  });

  test('is the same every time it is opened at the same moment', () => {
    expect(demoHome(NOW)).toEqual(home);
  });

  test('has four months of log, in every room, none of it in the time to come', () => {
    const days = home.log.map((e) => (NOW.getTime() - Date.parse(e.at)) / 86_400_000);
    expect(Math.min(...days)).toBeGreaterThanOrEqual(0);
    expect(Math.max(...days)).toBeGreaterThan(105);
    expect(new Set(home.log.map((e) => e.room.id)).size).toBe(home.rooms.length);
  });

  test('nothing was done aboard that Biscuit would rule out', () => {
    const at = { ...DEFAULT_CONTEXT, lives: home.settings.lives, hardnessMgPerL: home.settings.hardnessMgPerL };
    const candidates = weighSupplies(
      { shelf: [], formulas: [...home.formulas, ...STARTER_FORMULAS], cupboard: null },
      at,
    );
    const air = { roomC: home.settings.roomC, humidityPercent: home.settings.humidityPercent };
    for (const surface of home.surfaces) {
      const done = home.log.filter((e) => e.surface.id === surface.id && e.used.kind === 'formula');
      const soil = SOILS.find((s) => s.id === done[0]?.soil.id);
      const envelope = toleranceOf(surface);
      if (!soil || !envelope) continue;
      const { ways } = rankWays(candidates, envelope, soil, at, air, {
        joints: jointsOf(
          surface.surfaceId,
          home.surfaces.filter((s) => s.roomId === surface.roomId),
        ),
      });
      for (const e of done) {
        const way = ways.find((w) => w.candidate?.formula.id === (e.used.kind === 'formula' ? e.used.id : ''));
        expect([surface.name, way !== undefined]).toEqual([surface.name, true]);
        // Nor was it left on past what the surface bears.
        expect(e.dwell!.tookMinutes).toBeLessThan(way!.dwell?.harmAfterMinutes ?? Infinity);
      }
    }
  });

  test('something is due, something runs, something wants straining', () => {
    expect(home.timers.some((t) => t.kind === 'infusion')).toBe(true);
    expect(home.timers.some((t) => t.kind === 'soak')).toBe(true);
    expect(home.log.some((e) => e.used.kind === 'bought' && e.rinsedAt === null)).toBe(true);
  });
});
