import { expect, type Page } from '@playwright/test';
import axe, { type Result, type RunOptions } from 'axe-core';

/** What is looked at for people who see little, or who use keys or a reader of screens. */
export const LOOKS = {
  everything: { runOnly: { type: 'tag', values: ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'] } },
  /** What another width may change: how large and how well named what is pressed is. */
  layout: { runOnly: { type: 'rule', values: ['target-size', 'button-name', 'link-name', 'label'] } },
  /** What other colours may change, and what lies over others. */
  contrast: { runOnly: { type: 'rule', values: ['color-contrast'] } },
} satisfies Record<string, RunOptions>;

/**
 * Finds nothing serious or critical on the page as it stands.
 * @param within selector of the part that is looked at; the whole page when left out
 */
export async function expectNothingSerious(
  page: Page,
  look: keyof typeof LOOKS = 'everything',
  within?: string,
): Promise<void> {
  // Once for a page, and run in it: a page of its own for the report costs more than the looking.
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(axe.source);
  const violations = await page.evaluate(
    async ({ options, part }) => {
      const { run } = (window as unknown as { axe: typeof axe }).axe;
      // What a drawing is made of is no text and takes no focus; the drawing itself is looked at.
      const context = { include: [part ?? 'html'], exclude: ['svg > *'] };
      return (await run(context, options)).violations;
    },
    { options: { ...LOOKS[look], resultTypes: ['violations'], preload: false } as RunOptions, part: within },
  );
  expect(violations.filter(({ impact }) => impact === 'serious' || impact === 'critical').map(words)).toEqual([]);
}

const words = ({ id, nodes }: Result) => `${id}: ${nodes.map(({ html }) => html.slice(0, 160)).join(' | ')}`;
