import { ingredientById } from '../catalogue/ingredients';
import { drawCourse, drawnShare, latestLiftOut, spoiledShare } from './extraction';

const draws = (id: string) => ingredientById(id).draws!;
const [kelp, flakes, anchovy] = [draws('kelp'), draws('bonitoFlakes'), draws('driedAnchovy')];

describe('drawing a broth', () => {
  it('takes about as much from kelp in a night in the fridge as in half an hour at 60 °C', () => {
    const cold = drawnShare(kelp, [{ minutes: 600, tempC: 5 }]);
    const warm = drawnShare(kelp, [{ minutes: 30, tempC: 60 }]);
    expect(cold).toBeGreaterThan(0.65);
    expect(Math.abs(cold - warm)).toBeLessThan(0.1);
  });

  it('takes nearly everything from flakes in two minutes just off the boil', () => {
    expect(drawnShare(flakes, [{ minutes: 2, tempC: 88 }])).toBeGreaterThan(0.7);
  });

  it('never takes more than there is, grows with time and with warmth', () => {
    for (const id of ['kelp', 'bonitoFlakes', 'driedAnchovy', 'driedShiitake', 'chickenCarcass']) {
      const drawing = draws(id);
      let before = 0;
      for (let minutes = 1; minutes < 200; minutes *= 2) {
        const now = drawnShare(drawing, [{ minutes, tempC: 80 }]);
        expect(now).toBeGreaterThanOrEqual(before);
        expect(now).toBeLessThanOrEqual(drawing.mostShare);
        expect(drawnShare(drawing, [{ minutes, tempC: 95 }])).toBeGreaterThanOrEqual(now);
        before = now;
      }
    }
  });

  it('does not depend on how a span is cut up', () => {
    const whole = drawnShare(kelp, [{ minutes: 20, tempC: 70 }]);
    expect(
      drawnShare(kelp, [
        { minutes: 5, tempC: 70 },
        { minutes: 15, tempC: 70 },
      ]),
    ).toBeCloseTo(whole, 12);
    const course = drawCourse(kelp, [{ minutes: 20, tempC: 70 }]);
    expect(course[course.length - 1]!.drawn).toBeCloseTo(whole, 12);
    expect(course).toHaveLength(21);
  });
});

describe('what overdoing spoils', () => {
  it('is kelp in the boil, flakes that stew, anchovies after more than ten minutes, and nothing cooler', () => {
    expect(
      spoiledShare(kelp, [
        { minutes: 600, tempC: 5 },
        { minutes: 40, tempC: 65 },
      ]),
    ).toBe(0);
    expect(spoiledShare(kelp, [{ minutes: 10, tempC: 96 }])).toBeGreaterThan(1);
    expect(spoiledShare(flakes, [{ minutes: 2, tempC: 88 }])).toBeLessThan(1);
    expect(spoiledShare(flakes, [{ minutes: 15, tempC: 95 }])).toBeGreaterThan(1);
    expect(spoiledShare(anchovy, [{ minutes: 8, tempC: 96 }])).toBeLessThan(1);
    expect(spoiledShare(anchovy, [{ minutes: 15, tempC: 96 }])).toBeGreaterThan(1);
  });
});

describe('the latest moment to lift it out', () => {
  const boiled = (before: number) => [
    { minutes: before, tempC: 60 },
    { minutes: 30, tempC: 96 },
  ];

  it('is a few minutes into the boil for kelp, however long it steeped before', () => {
    expect(latestLiftOut(kelp, boiled(20))! - 20).toBeCloseTo(latestLiftOut(kelp, boiled(40))! - 40, 6);
    expect(latestLiftOut(kelp, boiled(20))! - 20).toBeLessThan(5);
  });

  it('is about ten minutes for anchovies at the boil', () => {
    const minute = latestLiftOut(anchovy, [{ minutes: 30, tempC: 96 }])!;
    expect(minute).toBeGreaterThanOrEqual(7);
    expect(minute).toBeLessThanOrEqual(12);
  });

  it('never comes where nothing spoils', () => {
    expect(latestLiftOut(draws('driedShiitake'), boiled(200))).toBeUndefined();
    expect(latestLiftOut(kelp, [{ minutes: 600, tempC: 5 }])).toBeUndefined();
  });
});
