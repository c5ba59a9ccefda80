import { describe, expect, it } from 'vitest';
import { arc, around, away, degrees, shaped, turned, zoomed } from './geometry';

describe('floor geometry', () => {
  it('turns all sixteen directions clockwise from the right', () => {
    for (let sixteenths = 0; sixteenths < 16; sixteenths++) {
      const angle = (degrees(sixteenths) * Math.PI) / 180;
      const point = away(0, 0, 1, sixteenths);
      expect(point.x).toBeCloseTo(Math.cos(angle));
      expect(point.y).toBeCloseTo(Math.sin(angle));
    }
    expect(away(1, 1, 2, 4)).toMatchObject({ y: 3 });
  });

  it('keeps every point inside, with the margin', () => {
    const box = around(
      [
        { x: 0, y: 0 },
        { x: 3, y: -1 }
      ],
      0.5,
      1
    );
    expect(box).toEqual({ x: -0.5, y: -1.5, width: 4, height: 2 });
  });

  it('gives an empty floor a size', () => {
    expect(around([], 0.5, 2)).toEqual({ x: -1, y: -1, width: 2, height: 2 });
  });

  it('grows a box to a shape without losing any of it', () => {
    expect(shaped({ x: 0, y: 0, width: 4, height: 2 }, 1)).toEqual({ x: 0, y: -1, width: 4, height: 4 });
    expect(shaped({ x: 0, y: 0, width: 2, height: 4 }, 2)).toEqual({ x: -3, y: 0, width: 8, height: 4 });
  });

  it('draws a turn as an arc to its side, the long way for more than a half', () => {
    expect(arc(0, 0, 1, 4, 0)).toBe('');
    expect(arc(0, 0, 1, 4, 4)).toMatch(/^M1 0A1 1 0 0 1 /);
    expect(arc(0, 0, 1, 0, -12)).toMatch(/A1 1 0 1 0 1 0$/);
  });

  it('turns places and looks closer', () => {
    expect(turned({ x: 1, y: 0 }, 90).y).toBeCloseTo(1);
    expect(zoomed({ x: 0, y: 0, width: 4, height: 2 }, 2)).toEqual({ x: 1, y: 0.5, width: 2, height: 1 });
  });
});
