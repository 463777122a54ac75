import { NO_RULES } from '../domain/water/rules.js';
import { isUnclean, lastTare } from '../domain/kit/kit.js';
import { judgeRig, RIG_RULE_IDS, type RigState } from './judgeRig.js';
import { kitItem } from '../spec/kitItems.js';
import { loadTestState, type Rig } from '../domain/kit/rig.js';

const NOW = '2026-07-16T05:00:00Z';
const rig: Rig = {
  id: 'r',
  name: 'Bottom rig',
  species: 'carp',
  mainLineKg: 7,
  leader: 'tubing',
  linkKg: 6,
  hookSize: 6,
  barb: 'barbless',
  lead: 'drops-off',
  trace: 'none',
  upTrace: false,
  loadTests: [{ at: '2026-07-15T05:00:00Z', heldS: 12 }],
};
const pike: Partial<Rig> = { species: 'pike', trace: 'wire', upTrace: true, lead: 'running' };
const judge = (change: Partial<Rig>, state: Partial<RigState> = {}) =>
  judgeRig({
    rig: { ...rig, ...change },
    rules: NO_RULES,
    water: 'Mere',
    school: 'barbless',
    gives: 'link',
    system: 'kg',
    now: NOW,
    ...state,
  });

const barbless = { rules: { ...NO_RULES, barblessOnly: true } };
/** For each rule a rig at which it speaks, and one that differs in one thing only at which it is silent. */
const FIRES: Record<string, [Partial<Rig>, Partial<Rig>, Partial<RigState>?]> = {
  'lead-stays': [{ lead: 'fixed' }, { lead: 'pulls-free' }],
  'link-too-strong': [{ linkKg: 7 }, { linkKg: 6.9 }],
  'hook-holds': [{ hookOpensKg: 7 }, { hookOpensKg: 6.9 }, { gives: 'hook' }],
  'hook-not-tried': [{ hookOpensKg: null }, { hookOpensKg: 5 }, { gives: 'hook' }],
  'no-wire': [{ ...pike, trace: 'heavy-mono' }, pike],
  'no-up-trace': [{ ...pike, upTrace: false }, pike],
  'water-wants-barbless': [{ barb: 'micro' }, { barb: 'barbless' }, barbless],
  'barb-stands': [{ barb: 'barbed' }, { barb: 'rolled' }],
  'not-your-school': [{ barb: 'rolled' }, { barb: 'barbless' }],
  leadcore: [{ leader: 'leadcore' }, { leader: 'tubing' }],
  'not-load-tested': [{ loadTests: [{ at: NOW, heldS: 9.9 }] }, { loadTests: [{ at: NOW, heldS: 10 }] }],
  'comes-free': [{}, { lead: 'fixed' }],
};

test('every rule is held to firing and to silence', () => {
  expect(Object.keys(FIRES).sort()).toEqual([...RIG_RULE_IDS].sort());
});

test.each(Object.entries(FIRES))('%s', (id, [speaks, silent, state]) => {
  const ids = (change: Partial<Rig>) => judge(change, state).findings.map(({ rule }) => rule);
  expect(ids(speaks)).toContain(id);
  expect(ids(silent)).not.toContain(id);
});

test('a sound rig is good; one grave thing outweighs all else', () => {
  expect(judge({}).verdict).toBe('good');
  expect(judge(pike).verdict).toBe('good');
  expect(judge({ leader: 'leadcore' }).verdict).toBe('care');
  expect(judge({ leader: 'leadcore', lead: 'fixed' }).verdict).toBe('stop');
});

test('another school of hooks lets a rolled barb pass; the water’s rule does not', () => {
  expect(judge({ barb: 'rolled' }, { school: 'rolled' }).verdict).toBe('good');
  expect(judge({ barb: 'rolled' }, { school: 'rolled', ...barbless }).verdict).toBe('stop');
});

test('a zander may be fished with heavy mono, a pike not', () => {
  expect(judge({ ...pike, species: 'zander', trace: 'heavy-mono' }).verdict).not.toBe('stop');
  expect(loadTestState({ loadTests: [] }, NOW)).toBe('never');
});

describe('kit', () => {
  const net = kitItem('net', { lastWater: { waterId: 'other', at: '2026-07-10T00:00:00Z' } });
  test('wet at another water and not disinfected since: unclean', () => {
    const dipped = (at: string) => ({ ...net, disinfected: { at, how: 'dipped' as const } });
    expect(isUnclean(net, 'here')).toBe(true);
    expect(isUnclean(net, 'other')).toBe(false);
    expect(isUnclean(dipped('2026-07-09T00:00:00Z'), 'here')).toBe(true);
    expect(isUnclean(dipped('2026-07-11T00:00:00Z'), 'here')).toBe(false);
    expect(isUnclean({ ...net, kind: 'scales' }, 'here')).toBe(false);
  });
  test('the newest tare, wet and dry apart', () => {
    const tare = (at: string, wet: boolean, count: number) => ({ at, wet, mass: { unit: 'oz' as const, count } });
    const sling = {
      tares: [tare('2026-01-02', true, 27), tare('2026-01-03', true, 28), tare('2026-01-04', false, 19)],
    };
    expect(lastTare(sling, true)?.mass.count).toBe(28);
    expect(lastTare(sling, false)?.mass.count).toBe(19);
    expect(lastTare({ tares: [] }, true)).toBeUndefined();
  });
});

// Common practice, no source.
test('a load test lapses after four weeks, a fish of its kind, or a snag', () => {
  const tested = { loadTests: [{ at: '2026-07-01T05:00:00Z', heldS: 12 }] };
  expect(loadTestState(tested, '2026-07-29T05:00:00Z')).toBe('stands');
  expect(loadTestState(tested, '2026-07-29T05:00:01Z')).toBe('old');
  expect(loadTestState(tested, NOW, '2026-07-01T04:59:59Z')).toBe('stands');
  expect(loadTestState(tested, NOW, '2026-07-01T05:00:01Z')).toBe('after-fish');
  expect(loadTestState({ ...tested, snaggedAt: '2026-07-02T05:00:00Z' }, NOW)).toBe('after-snag');
  expect(loadTestState({ ...tested, snaggedAt: '2026-06-02T05:00:00Z' }, NOW)).toBe('stands');
  expect(
    judgeRig({
      gives: 'link',
      rig: { ...rig, ...tested, snaggedAt: NOW },
      rules: NO_RULES,
      water: '',
      school: 'barbless',
      system: 'kg',
      now: NOW,
    }).findings[0]?.text.code,
  ).toBe('bank.loadTestAfterSnag');
});
