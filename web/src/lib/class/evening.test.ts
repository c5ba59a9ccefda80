import { describe, expect, it } from 'vitest';
import { calledBy, changed, comes, dance, goes, presence, undance, type Evening } from './evening';

const begun: Evening = {
  at: '2026-03-05T19:00',
  people: [
    { dancer: 'abel', roles: ['man'] },
    { dancer: 'dilys', roles: ['lady'] },
    { dancer: 'edda', roles: ['lady'] }
  ],
  danced: [{ pairs: [{ man: 'abel', lady: 'dilys' }], waiting: [] }]
} as Evening;

describe('an evening of a class', () => {
  it('counts whoever comes late from the next round on', () => {
    const people = comes(begun, 'fenno', ['man']);
    expect(people.at(-1)).toEqual({ dancer: 'fenno', roles: ['man'], from: 1 });
    expect(comes({ ...begun, danced: [] }, 'fenno', ['man']).at(-1)).toEqual({ dancer: 'fenno', roles: ['man'] });
  });

  it('keeps whoever goes in the rounds that were danced, and lets them come back', () => {
    const gone = { ...begun, people: goes(begun, 'abel') };
    expect(presence(gone, 'abel')).toBe('left');
    expect(gone.people.find((one) => one.dancer === 'abel')?.until).toBe(1);
    const back = { ...gone, people: comes(gone, 'abel', ['man']) };
    expect(presence(back, 'abel')).toBe('here');
    expect(back.people).toHaveLength(3);
    expect(back.people[0]).not.toHaveProperty('until');
  });

  it('forgets whoever was in no round', () => {
    expect(goes(begun, 'edda').map((one) => one.dancer)).toEqual(['abel', 'dilys']);
    expect(presence(begun, 'nobody')).toBe('away');
  });

  it('says of a round only what it does otherwise', () => {
    const once = { ...begun, changes: changed(begun, 3, { otherSide: true }) };
    expect(once.changes).toEqual([{ round: 3, otherSide: true }]);
    const twice = { ...once, changes: changed(once, 2, { tempo: 24 }) };
    expect(twice.changes.map((one) => one.round)).toEqual([2, 3]);
    expect(changed(twice, 3, { otherSide: false }).map((one) => one.round)).toEqual([2]);
  });

  it('keeps a round as it was danced, and those to come as they were announced', () => {
    const danced = { pairs: [{ man: 'abel', lady: 'edda' }], waiting: ['dilys'], material: 'waltz.whisk', tempo: 28 };
    const others = { kind: 'figure', name: '', timing: '', otherSide: false, danced: false };
    const rounds = [
      { ...danced, ...others },
      { ...danced, ...others },
      { ...danced, ...others, waiting: [] }
    ];
    const after = { ...begun, ...dance(begun, rounds) };
    expect(after.danced).toEqual([begun.danced![0], danced]);
    expect(after.announced).toEqual([{ pairs: danced.pairs, waiting: [] }]);
    expect(undance(after)).toEqual({
      danced: begun.danced,
      announced: [{ pairs: danced.pairs, waiting: ['dilys'] }, ...after.announced!]
    });
    expect(dance(after, rounds.slice(0, 2)).danced).toHaveLength(2);
  });

  it('calls people by their first names unless two have the same', () => {
    const person = (id: string, name: string) => ({ id, name, roles: [], dances: 0, waits: 0 });
    expect(
      calledBy([person('a', 'Abel Storr'), person('b', 'Edda Lorne'), person('c', 'Edda Marsh'), person('d', 'Fenno')])
    ).toEqual({ a: 'Abel', b: 'Edda L.', c: 'Edda M.', d: 'Fenno' });
    expect(calledBy([person('a', 'Edda Lorne'), person('b', 'Edda Lund')])).toEqual({
      a: 'Edda Lorne',
      b: 'Edda Lund'
    });
  });
});
