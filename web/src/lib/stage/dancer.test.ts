import { describe, expect, it } from 'vitest';
import { Arms } from './arms';
import { bend, Dancer, type Place } from './dancer';

const BUILD = {
  thigh: 0.44,
  shank: 0.44,
  ankle: 0.08,
  halfHips: 0.09,
  torso: 0.52,
  halfShoulders: 0.2,
  arm: 0.72,
  shoe: 0.27
};
const still = (value: number) => [0, value, 0];

function dancer(role: string, x: number, facing: number, left: string, right: string) {
  const curves: Record<string, number[]> = { x: still(x), y: still(0), body: still(facing), height: still(0.95) };
  curves.head = still(facing);
  curves.leftX = curves.rightX = still(x);
  curves.leftHeel = still(0.1);
  return new Dancer({ role, height: 1.8, build: BUILD, curves, hands: [{ beat: 0, left, right }] });
}

const apart = (a: Place, b: Place) => Math.hypot(a.x - b.x, a.y - b.y, a.z - b.z);

describe('a dancer', () => {
  it('has the left shoulder to the left and the joints as far apart as the body is wide', () => {
    const one = dancer('man', 0, 0, 'free', 'free');
    one.pose(0);
    expect(one.leftShoulder.y).toBeCloseTo(-0.2, 9);
    expect(one.rightShoulder.y).toBeCloseTo(0.2, 9);
    expect(apart(one.leftHip, one.rightHip)).toBeCloseTo(0.18, 9);
    expect(one.chest.z).toBeCloseTo(1.47, 9);
  });

  it('turns the ankle over the ball as the heel comes up', () => {
    const one = dancer('man', 0, 0, 'free', 'free');
    one.pose(0);
    expect(one.leftAnkle.z).toBeGreaterThan(one.rightAnkle.z);
    expect(one.leftAnkle.x).toBeGreaterThan(one.rightAnkle.x);
  });

  it('bends a joint towards where it is asked to and keeps both bones', () => {
    const knee = { x: 0, y: 0, z: 0 };
    bend(knee, { x: 0, y: 0, z: 0.8 }, { x: 0, y: 0, z: 0 }, 0.44, 0.44, { x: 1, y: 0, z: 0 });
    expect(knee.x).toBeGreaterThan(0.1);
    expect(apart(knee, { x: 0, y: 0, z: 0.8 })).toBeCloseTo(0.44, 9);
    expect(apart(knee, { x: 0, y: 0, z: 0 })).toBeCloseTo(0.44, 9);
    bend(knee, { x: 0, y: 0, z: 2 }, { x: 0, y: 0, z: 0 }, 0.44, 0.44, { x: 1, y: 0, z: 0 });
    expect(Number.isFinite(knee.x + knee.y + knee.z)).toBe(true);
  });

  it('joins hands with the partner, and no arm is longer than it is', () => {
    for (const distance of [0.35, 0.85, 1.6]) {
      const man = dancer('man', 0, 0, 'right hand', 'shoulder blade');
      const lady = dancer('lady', distance, 8, 'upper arm', 'left hand');
      man.pose(0);
      lady.pose(0);
      const his = new Arms(man);
      const hers = new Arms(lady);
      his.reach(0, lady, hers);
      hers.reach(0, man, his);
      if (distance < 1) expect(apart(his.leftHand, hers.rightHand)).toBeLessThan(0.03);
      for (const [hand, shoulder] of [
        [his.leftHand, man.leftShoulder],
        [his.rightHand, man.rightShoulder],
        [hers.leftHand, lady.leftShoulder],
        [hers.rightHand, lady.rightShoulder]
      ] as const) {
        expect(apart(hand, shoulder)).toBeLessThanOrEqual(0.72);
      }
    }
  });
});
