import type { Glyph } from '@elixa/core';
import type { ReactNode } from 'react';
import { Circle, Ellipse, G } from 'react-native-svg';
import { body, disc, oval, patch, stroke, tonesOf, type Tones } from './paint';

const PALE = 'var(--glaze-tofu)';
const around = (count: number, radius: number, from = 0) =>
  Array.from({ length: count }, (_, index) => {
    const angle = from + (index / count) * 2 * Math.PI;
    return { x: Math.sin(angle) * radius, y: -Math.cos(angle) * radius, deg: (angle * 180) / Math.PI };
  });

const CABBAGE =
  'M-.1 1C-.36.98-.5.7-.62.5-.96.36-1 .02-.88-.16-1-.42-.84-.68-.6-.7-.5-.94-.16-1.02 0-.9 .16-1.02.5-.94.6-.7.84-.68 1-.42.88-.16 1 .02.96.36.62.5.5.7.36.98.1 1z';
const LEAF =
  'M0-1C.22-.92.34-.8.5-.72.74-.58.7-.36.82-.18.92.06.74.24.7.42.56.68.32.86.06 1H-.06C-.32.86-.56.68-.7.42-.74.24-.92.06-.82-.18-.7-.36-.74-.58-.5-.72-.34-.8-.22-.92 0-1z';

/** Food of the garden, each drawn in a circle of radius one with its length towards the rim. */
export const PLANT = {
  disc: (c: Tones) => (
    <>
      {disc(0.92, c)}
      <Circle r={0.7} fill="none" stroke={c.light} strokeWidth={0.1} opacity={0.8} />
      {stroke('M-.3 0H.3M0-.3V.3M-.2-.2 .2 .2M.2-.2-.2 .2', c.light, 0.05, 0.55)}
    </>
  ),
  lotus: (c: Tones) => (
    <>
      {disc(0.94, c)}
      <Circle r={0.13} fill={c.dark} opacity={0.85} />
      {around(8, 0.52).map(({ x, y, deg }) => (
        <Ellipse
          key={deg}
          rx={0.13}
          ry={0.2}
          fill={c.dark}
          opacity={0.85}
          transform={`translate(${x} ${y}) rotate(${deg})`}
        />
      ))}
    </>
  ),
  corn: (c: Tones) => (
    <>
      {disc(0.92, { ...c, fill: c.dark })}
      {around(14, 0.72).map(({ x, y, deg }) => (
        <Ellipse key={deg} rx={0.15} ry={0.21} fill={c.fill} transform={`translate(${x} ${y}) rotate(${deg})`} />
      ))}
      <Circle r={0.46} fill={PALE} />
      <Circle r={0.26} fill="none" stroke={c.dark} strokeWidth={0.06} opacity={0.5} />
    </>
  ),
  blossom: (c: Tones) => (
    <>
      {body(
        'M0-.96C.3-.96.45-.72.42-.56.62-.7.95-.52.94-.28S.75.06.58.13C.75.26.8.6.58.79S.1.84 0 .68C-.1.84-.36.98-.58.79S-.75.26-.58.13C-.75.06-.95-.04-.94-.28S-.62-.7-.42-.56C-.45-.72-.3-.96 0-.96z',
        c,
      )}
      {stroke('M0-.3V-.72M.28-.1.7-.26M.18.24.44.6M-.18.24-.44.6M-.28-.1-.7-.26', c.dark, 0.06, 0.55)}
      <Circle r={0.2} fill={c.light} opacity={0.8} />
    </>
  ),
  halfMoon: (c: Tones) => (
    <>
      {body('M-1 .46C-1-.22-.55-.6 0-.6S1-.22 1 .46Q.97.58.86.58H-.86Q-.97.58-1 .46z', c)}
      {stroke('M-.78.42C-.74-.1-.42-.38 0-.38S.74-.1.78.42', c.light, 0.09, 0.95)}
      {stroke('M0 .44V.1M-.3.44-.42.14M.3.44.42.14', c.dark, 0.045, 0.45)}
    </>
  ),
  cabbage: (c: Tones) => (
    <>
      {body(CABBAGE, { ...c, fill: 'var(--glaze-leaf)' })}
      {patch(
        'M-.58.34C-.8.1-.74-.4-.44-.58-.2-.72.2-.72.44-.58.74-.4.8.1.58.34.4.7.2.9 0 .92-.2.9-.4.7-.58.34z',
        'var(--glaze-leaf-pale)',
      )}
      {patch('M-.2.98C-.3.4-.16-.2 0-.5 .16-.2.3.4.2.98z', PALE)}
      {stroke('M0 .2-.44-.2M0 .2 .44-.2M-.02-.1-.3-.5M.02-.1 .3-.5M-.06.6-.44.3M.06.6 .44.3', PALE, 0.07, 0.9)}
    </>
  ),
  leaf: (c: Tones) => (
    <>
      {body(LEAF, c)}
      {stroke('M0 .94V-.7', c.light, 0.1, 0.9)}
      {stroke('M0 .52-.5.2M0 .52 .5.2M0 .12-.52-.24M0 .12 .52-.24M0-.28-.36-.56M0-.28 .36-.56', c.light, 0.055, 0.75)}
    </>
  ),
  bokChoy: (c: Tones) => (
    <>
      {body('M-.28.9C-.44.56-.3.1-.18-.3L.18-.3C.3.1.44.56.28.9.16 1.02-.16 1.02-.28.9z', tonesOf('leaf-pale'))}
      {stroke('M-.14.84C-.24.5-.12.1-.06-.2M.14.84C.24.5.12.1.06-.2', PALE, 0.1, 0.9)}
      {body('M-.1.16C-.36.16-.56-.2-.5-.5-.46-.82-.2-1 0-1S.46-.82.5-.5C.56-.2.36.16.1.16L.06-.24 0 0-.06-.24z', c)}
      {stroke('M0-.2V-.84M0-.36-.26-.58M0-.36 .26-.58M-.12-.06-.34-.26M.12-.06 .34-.26', c.light, 0.055, 0.8)}
    </>
  ),
  sprig: (c: Tones) => (
    <>
      {stroke(
        'M.02 1C0 .3 .02-.2 0-.8M-.26 1C-.34.4-.46.1-.48-.44M.28 1C.36.4.46.1.46-.5',
        'var(--glaze-line)',
        0.24,
        0.18,
      )}
      {stroke(
        'M.02 1C0 .3 .02-.2 0-.8M-.26 1C-.34.4-.46.1-.48-.44M.28 1C.36.4.46.1.46-.5',
        tonesOf('leaf-pale').fill,
        0.1,
      )}
      {[
        [0, -0.66, 0],
        [-0.2, -0.3, -38],
        [0.2, -0.26, 38],
        [-0.5, -0.38, -14],
        [0.48, -0.44, 14],
        [-0.5, 0.06, -40],
        [0.52, 0.02, 40],
      ].map(([x, y, deg]) => (
        <G key={`${x}${y}`} transform={`translate(${x} ${y}) rotate(${deg}) scale(.3)`}>
          {body('M0-1.1C.5-.8.62-.2.5.2.36.6.14.8 0 .9-.14.8-.36.6-.5.2-.62-.2-.5-.8 0-1.1z', c)}
        </G>
      ))}
    </>
  ),
  floret: (c: Tones) => (
    <>
      {body('M-.26.96C-.22.5-.4.2-.3 0H.3C.4.2.22.5.26.96z', tonesOf('leaf-pale'))}
      {body(
        'M-.84.06C-1.02-.16-.9-.5-.66-.54-.62-.84-.22-1-.02-.8.2-1.02.62-.86.64-.54.92-.5 1.02-.14.82.06.78.34.4.42.22.26.08.42-.14.42-.24.26-.44.42-.8.34-.84.06z',
        c,
      )}
      {stroke(
        'M-.5-.24h.01M-.2-.5h.01M.1-.2h.01M.4-.5h.01M.56-.1h.01M-.1-.02h.01M.2-.64h.01M-.66 0h.01',
        c.light,
        0.15,
        0.75,
      )}
      {stroke('M-.36-.4h.01M.3-.3h.01M-.3.06h.01M.6-.34h.01', c.dark, 0.12, 0.7)}
    </>
  ),
  slant: (c: Tones) => (
    <>
      {oval(0.95, 0.62, c)}
      <Ellipse rx={0.74} ry={0.46} fill={PALE} opacity={0.92} />
      <Ellipse rx={0.56} ry={0.33} fill="none" stroke={c.dark} strokeWidth={0.05} opacity={0.8} />
      <Ellipse rx={0.34} ry={0.19} fill={c.light} stroke={c.dark} strokeWidth={0.05} opacity={0.85} />
    </>
  ),
  wedge: (c: Tones) => (
    <>
      {body('M-1 .1C-.8-.44-.3-.62 0-.62S.8-.44 1 .1C.7.2.5.5 0 .58-.5.5-.7.2-1 .1z', c)}
      {stroke(
        'M-.76.08C-.56-.26-.24-.4 0-.4S.56-.26.76.08M-.5.16C-.36-.06-.16-.16 0-.16S.36-.06.5.16M-.24.28C-.14.16-.06.1 0 .1S.14.16.24.28',
        c.dark,
        0.055,
        0.6,
      )}
    </>
  ),
  stick: (c: Tones) => (
    <>
      {body('M-.22-.9C-.2-1 .2-1 .22-.9L.24.9C.2 1-.2 1-.24.9z', c)}
      {stroke('M-.08-.84V.8', c.light, 0.08, 0.8)}
      {stroke('M.1-.7V.7', c.dark, 0.04, 0.5)}
    </>
  ),
  chilli: (c: Tones) => (
    <>
      {body('M-.2-.56C-.2-.7.2-.7.22-.56.26-.1.2.5-.06.98-.16.5-.24-.1-.2-.56z', c)}
      {stroke('M0-.62C.02-.8.08-.9.16-.98', tonesOf('leaf').fill, 0.12)}
      {stroke('M-.06-.4C-.06 0-.04.3-.04.6', c.light, 0.07, 0.7)}
    </>
  ),
  ring: (c: Tones) => (
    <>
      <Circle r={0.56} fill="none" stroke="var(--glaze-line)" strokeWidth={0.5} opacity={0.2} />
      <Circle r={0.56} fill="none" stroke={c.fill} strokeWidth={0.32} />
      <Circle r={0.72} fill="none" stroke={c.line} strokeWidth={0.05} />
      <Circle r={0.4} fill="none" stroke={c.line} strokeWidth={0.05} />
    </>
  ),
  square: (c: Tones) => (
    <>
      {body(
        'M-.8-.7C-.5-.86-.2-.74.1-.82.4-.88.7-.84.82-.7.9-.4.8-.1.86.2.88.5.84.74.7.82.4.88.1.76-.2.84-.5.88-.74.84-.82.7-.9.4-.8.1-.86-.2-.88-.5-.84-.64-.8-.7z',
        c,
      )}
      {stroke('M-.5-.5C-.2-.2-.3.2-.5.5M.1-.6C.2-.2.1.2.2.6M.56-.4C.5-.1.6.2.5.44', c.light, 0.07, 0.6)}
    </>
  ),
  strand: (c: Tones) => (
    <>
      {stroke(
        'M-.9.4C-.5 0-.3.6.1.2S.6-.4.92-.5M-.84-.4C-.4-.66-.1-.1.3-.3S.7.3.9.5M-.5.8C-.3.3.1.5.36.84M-.6-.76C-.2-.5.2-.8.6-.7',
        c.line,
        0.26,
        0.85,
      )}
      {stroke(
        'M-.9.4C-.5 0-.3.6.1.2S.6-.4.92-.5M-.84-.4C-.4-.66-.1-.1.3-.3S.7.3.9.5M-.5.8C-.3.3.1.5.36.84M-.6-.76C-.2-.5.2-.8.6-.7',
        c.fill,
        0.18,
      )}
    </>
  ),
  sprouts: (c: Tones) => (
    <>
      {stroke(
        'M-.86.5C-.4.2-.3.5.1.1S.6-.4.86-.6M-.8-.3C-.3-.6 0 0 .4-.2S.7.4.9.6M-.4.86C-.2.4.2.5.5.8M-.5-.8C-.1-.5.3-.76.7-.84',
        c.line,
        0.19,
        0.75,
      )}
      {stroke(
        'M-.86.5C-.4.2-.3.5.1.1S.6-.4.86-.6M-.8-.3C-.3-.6 0 0 .4-.2S.7.4.9.6M-.4.86C-.2.4.2.5.5.8M-.5-.8C-.1-.5.3-.76.7-.84',
        c.light,
        0.12,
      )}
      {[
        [0.86, -0.62],
        [-0.82, -0.3],
        [0.9, 0.62],
        [-0.52, -0.82],
      ].map(([x, y]) => (
        <Circle key={`${x}`} cx={x} cy={y} r={0.14} fill="var(--glaze-egg)" stroke={c.line} strokeWidth={0.04} />
      ))}
    </>
  ),
} satisfies Partial<Record<Glyph, (tones: Tones) => ReactNode>>;
