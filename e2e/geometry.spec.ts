import { expect, test } from './support/test';
import { geometryFaults } from './support/geometry';

test.use({ viewport: { width: 320, height: 640 } });

const FAULTS: Array<[RegExp, string]> = [
  [/^beyond the screen/, '<p style="position:absolute; left: 250px; width: 200px">Broth</p>'],
  [/^the page goes sideways/, '<p style="width: 500px">Broth</p>'],
  [/^goes sideways/, '<div style="overflow-x: auto; width: 100px"><p style="width: 200px">Broth</p></div>'],
  [/^cut off/, '<div style="overflow: hidden; width: 40px; white-space: nowrap">Napa cabbage</div>'],
  [/^broken in the middle/, '<div style="width: 12px; word-break: break-all">Napa</div>'],
  [/^overlap/, '<p>Napa cabbage</p><p style="margin-top: -30px">Long onion</p>'],
  [/^buttons overlap/, '<button>Done</button><button style="margin-left: -30px">Undo</button>'],
  [/^field too narrow for “/, '<input style="width: 40px" value="Practice night">'],
  [/^field too narrow for a date/, '<input type="date" style="width: 90px; font-size: 18px">'],
];

for (const [fault, html] of FAULTS) {
  test(`the ruler finds: ${fault.source.slice(1)}`, async ({ page }) => {
    await page.setContent(`<body style="font: 16px sans-serif">${html}</body>`);
    expect((await geometryFaults(page)).join('\n')).toMatch(new RegExp(fault.source, 'm'));
  });
}

test('the ruler finds nothing where everything has its place', async ({ page }) => {
  await page.setContent(
    `<body style="font: 16px sans-serif"><p>Napa cabbage</p><p>Long onion and a line that is so long that it has to be
    broken between its words</p><button>Done</button> <button>Undo</button><input value="Practice"></body>`,
  );
  expect(await geometryFaults(page)).toEqual([]);
});
