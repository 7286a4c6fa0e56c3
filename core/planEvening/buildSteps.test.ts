import { STYLES } from '../catalogue/styles';
import { eveningFor, suited } from '../testing/household';
import { buildSteps } from './buildSteps';
import { planPot } from './planPot';

describe.each(STYLES.map((style) => [style.id]))('the building of %s', (styleId) => {
  const plan = planPot(suited(eveningFor(4), styleId));
  const steps = buildSteps(plan);

  it('lays everything once, the picture growing by what each card lays', () => {
    const laid = steps.flatMap((step) => (step.kind === 'lay' ? step.cuts : []));
    const inPot = plan.build.placements.filter((one) => one.region);
    expect(laid).toHaveLength(inPot.length);
    expect(new Set(laid)).toEqual(new Set(inPot));
    let before = 0;
    for (const step of steps) {
      expect(step.shown.length).toBe(before + (step.kind === 'lay' ? step.cuts.length : 0));
      before = step.shown.length;
    }
  });

  it('takes the picture once: before the liquid where food lies first, or else when all is in', () => {
    const pictures = steps.filter((step) => step.kind === 'picture');
    expect(pictures).toHaveLength(1);
    const at = steps.findIndex((step) => step.kind === 'picture');
    const pourAt = steps.findIndex((step) => step.kind === 'pour');
    const isLaidFirst = steps.slice(0, pourAt).some((step) => step.kind === 'lay');
    if (isLaidFirst) expect(at).toBe(pourAt - 1);
    else expect(at).toBe(steps.length - 1);
  });

  it('lays in the order of the simmer plan, and a bed before what lies on it', () => {
    const times = steps.flatMap((step) => (step.kind === 'lay' ? [step.atS] : []));
    times.forEach((atS, index) => {
      if (index > 0 && Number.isFinite(atS)) expect(atS).toBeGreaterThanOrEqual(times[index - 1]! - 6);
    });
    const together = steps.filter((step) => step.kind === 'lay' && !step.poured);
    const beds = together.findLastIndex((step) => step.kind === 'lay' && step.cuts[0]!.place === 'bed');
    const rings = together.findIndex((step) => step.kind === 'lay' && step.cuts[0]!.place === 'ring');
    if (beds >= 0 && rings >= 0 && plan.build.laidFirst) expect(beds).toBeLessThan(rings);
  });
});
