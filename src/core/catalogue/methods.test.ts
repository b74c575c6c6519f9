import { beyondHere } from './beyond';
import { ingredientById } from './lookup';
import { METHODS, methodById } from './methods';
import { conditionsOf, methodsFor } from './methodsFor';
import { isAmong, isPlaceId, PLACE_IDS } from './placeIds';
import { likelihoodOf } from './plausible';
import { SOILS } from './soils';
import { SURFACES } from './surfaces';
import { sharedAreaM2, usualAreaM2 } from './usualAreas';

// What is done how, and never how: common practice, no source, unless one is named.

const MACHINES = ['machine-inside', 'washing-machine', 'dishwasher', 'cotton', 'shower-curtain'];
const groupOf = (id: string): string => SURFACES.find((s) => s.id === id)!.group;
const text = (id: string): string => {
  const m = methodById(id)!;
  return [m.does, m.stroke, m.why, ...m.conditions].filter(Boolean).join(' ');
};

describe('the table', () => {
  test('names surfaces, soils and ingredients that there are, and each method once', () => {
    expect(new Set(METHODS.map((m) => m.id)).size).toBe(METHODS.length);
    for (const m of METHODS) {
      expect(m.soils.filter((id) => !SOILS.some((s) => s.id === id))).toEqual([]);
      expect(m.where.filter((id) => !SURFACES.some((s) => s.id === id))).toEqual([]);
      expect(new Set(m.where).size).toBe(m.where.length);
      expect(m.brings.filter((id) => ingredientById(id) === null)).toEqual([]);
      expect(m.soils.length * m.where.length).toBeGreaterThan(0);
    }
  });

  test('says its minutes in order, its windows from low to high, and what is done where there is no mixture', () => {
    for (const m of METHODS) {
      if (m.minutes) {
        expect(m.minutes.useful).toBeLessThanOrEqual(m.minutes.best);
        expect(m.minutes.best).toBeLessThanOrEqual(m.minutes.longest);
      }
      if (typeof m.needs === 'string') expect([m.id, m.does === null]).toEqual([m.id, false]);
      else for (const { from, to } of m.needs) expect(from).toBeLessThan(to);
      expect(m.why).toMatch(/\.$/);
    }
  });

  // The forms, and what each is never for.
  test.each(METHODS.map((m) => [m.id, m] as const))('%s keeps to what its form is for', (_, m) => {
    const on = (...groups: string[]): string[] => m.where.filter((id) => groups.includes(groupOf(id)));
    if (m.form === 'spray') {
      expect(on('cloth', 'wood')).toEqual([]);
      const shy = m.where.filter((id) => ['coated-screen', 'mirror', 'sockets', 'stove-glass'].includes(id));
      expect(m.school ? [] : shy).toEqual([]);
    }
    if (m.form === 'paste') {
      expect(on('cloth', 'wood', 'wall').filter((id) => id !== 'cotton')).toEqual([]);
      expect(m.where).not.toContain('acrylic');
    }
    if (m.form === 'cold')
      expect([...on('wood'), ...m.where.filter((id) => ['glass', 'mirror'].includes(id))]).toEqual([]);
    if (m.form === 'blot') expect(m.where.filter((id) => groupOf(id) !== 'cloth')).toEqual([]);
    if (m.form === 'machine') expect(m.where.every((id) => MACHINES.includes(id))).toBe(true);
    if (m.form === 'foil') expect(m.where).toEqual(['silver']);
    if (m.form === 'bucket')
      expect(on('wall', 'wood', 'glass', 'metal').filter((id) => !id.endsWith('-floor'))).toEqual([]);
  });
});

describe('every pair of surface and soil', () => {
  const pairs = SURFACES.flatMap((surface) => SOILS.map((soil) => [surface, soil] as const));

  test('has a method, or says who does it, or is unlikely', () => {
    const silent = pairs.filter(
      ([surface, soil]) =>
        methodsFor(surface, soil.id, {}).length === 0 &&
        beyondHere(surface.id, soil.id) === null &&
        likelihoodOf(surface.id, soil.id) !== 'unlikely',
    );
    expect(silent.map(([surface, soil]) => `${surface.id}, ${soil.id}`)).toEqual([]);
  });

  test('that can be has a method of its own, not the plain wash, but where it is beyond', () => {
    const plain = pairs.filter(
      ([surface, soil]) =>
        likelihoodOf(surface.id, soil.id) !== 'unlikely' &&
        methodsFor(surface, soil.id, {}).some((m) => m.id === 'plain-wash'),
    );
    // Soap scum on a kitchen knife, and mould on a mirror or metal that is looked at daily.
    expect(plain.map(([surface, soil]) => `${surface.id}, ${soil.id}`)).toEqual(['knife, soap-scum']);
  });
});

describe('what has to be so first', () => {
  const firstOn = (surfaceId: string, soilId: string): string => {
    const surface = SURFACES.find((s) => s.id === surfaceId)!;
    return conditionsOf(methodsFor(surface, soilId, {})[0]!, surface).join(' ');
  };

  test.each([
    ['sockets', 'dust', /[Pp]ower off at the breaker/],
    ['induction-hob', 'burnt-on', /Hob off and cold/],
    ['stove-glass', 'soot', /cold/],
    ['machine-inside', 'mould', /Unplugged/],
    ['enamel', 'burnt-on', /Steam first.*hand-warm/],
  ])('%s, %s', (surface, soil, says) => {
    expect(firstOn(surface, soil)).toMatch(says);
  });

  test('joints are wetted where there are joints, and nowhere else', () => {
    expect(firstOn('glazed-tile', 'soap-scum')).toMatch(/^Joints wetted/);
    expect(firstOn('glass', 'soap-scum')).toBe('');
  });

  test('sugar on a hob is the one soil taken off warm', () => {
    const hob = SURFACES.find((s) => s.id === 'induction-hob')!;
    expect(conditionsOf(methodById('sugar-hob')!, hob)).toEqual(['Hob off, oven glove.']);
  });

  test('mould is damped before it is brushed, with mask and gloves (US EPA guidance, from memory)', () => {
    for (const m of METHODS.filter(
      (one) => one.soils.includes('mould') && !['bucket', 'machine', 'fill'].includes(one.form),
    ))
      expect(m.conditions.join(' ')).toMatch(/Gloves.*FFP2/);
    expect(SOILS.find((s) => s.id === 'mould')?.first).toMatch(/Damp it before wiping/);
  });

  test('a kettle is not boiled with acid; a machine is run with nothing else; no acid for a coloured head', () => {
    expect(text('scale-kettle')).toMatch(/do not boil/);
    expect(text('scale-machine')).toMatch(/never with bleach.*maker/s);
    expect(text('scale-head')).toMatch(/coloured or black head gets dish soap and no acid/);
    expect(text('tannin-cup')).toMatch(/never closed/);
  });
});

describe('areas and places', () => {
  test('every surface has an area of its own, and a spot is never more than all of it', () => {
    for (const { id } of SURFACES) {
      expect(usualAreaM2(id)).toBeGreaterThan(0);
      expect(sharedAreaM2(usualAreaM2(id), 'spot')).toBeLessThanOrEqual(usualAreaM2(id));
    }
    expect([sharedAreaM2(4, 'all'), sharedAreaM2(4, 'part'), sharedAreaM2(4, 'spot')]).toEqual([4, 1, 0.02]);
    expect(usualAreaM2('moon-rock')).toBe(0.5);
  });

  test('a surface is among its own id and its class, and in no other', () => {
    const marble = SURFACES.find((s) => s.id === 'marble')!;
    expect(PLACE_IDS.filter((id) => isAmong(marble, [id]))).toEqual(['class:stone', 'marble']);
    expect(isPlaceId('class:stone') && isPlaceId('marble') && !isPlaceId('stone')).toBe(true);
  });
});
