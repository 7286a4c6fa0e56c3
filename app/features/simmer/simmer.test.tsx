import { applyEdit, planPot, STYLES, VESSELS } from '@elixa/core';
import { render, screen } from '@testing-library/react-native';
import { practice } from '@/testing/household';
import { SimmerTimeline } from './SimmerTimeline';

/** The plan of a pot that is seared in, or of one that is not. */
const simmerOf = (styleId: string) => {
  const chosen = applyEdit(practice(), { kind: 'styleChosen', styleId });
  return planPot(applyEdit(chosen, { kind: 'vesselChosen', vessel: VESSELS.find((one) => one.id === 'iron30')! }))
    .simmer;
};

// A colour of the theme is a variable of the page; the native side, which is not shipped, says that it knows none.
beforeAll(() => {
  const warn = console.warn;
  jest.spyOn(console, 'warn').mockImplementation((...said: unknown[]) => {
    if (!/is not a valid color or brush/.test(String(said[0]))) warn(...said);
  });
});
afterAll(() => jest.restoreAllMocks());

describe('the course of a round', () => {
  it('says when it boils where that is before its end, and not of slices that are eaten before', async () => {
    const [seared, simmered] = [simmerOf('sukiyakiWest'), simmerOf('clearChicken')];
    const endS = (simmer: typeof seared) =>
      Math.max(...simmer.pieces.filter((one) => one.round === 1).map((one) => one.outAtS));
    expect(seared.boilAtS).toBeGreaterThanOrEqual(endS(seared));
    expect(simmered.boilAtS).toBeLessThan(endS(simmered));
    const shown = await render(<SimmerTimeline simmer={seared} round={1} />);
    const drawn = () => JSON.stringify(screen.toJSON());
    expect(drawn()).not.toContain('"boils"');
    await shown.rerender(<SimmerTimeline simmer={simmered} round={1} />);
    expect(drawn()).toContain('"boils"');
  });

  it('shows every thing of a round by name, in every pot', async () => {
    for (const { id } of STYLES.slice(0, 3)) {
      const simmer = simmerOf(id);
      const shown = await render(<SimmerTimeline simmer={simmer} round={1} />);
      const said = screen.getByLabelText(/ from .* to /).props['aria-label'] as string;
      expect(said.split(', ')).toHaveLength(simmer.pieces.filter((one) => one.round === 1).length);
      await shown.unmount();
    }
  });
});
