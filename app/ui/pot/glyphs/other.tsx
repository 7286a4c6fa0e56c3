import type { Glyph } from '@elixa/core';
import type { ReactNode } from 'react';
import { Circle, Ellipse } from 'react-native-svg';
import { body, disc, oval, patch, stroke, tonesOf, type Tones } from './paint';

const PALE = 'var(--glaze-mushroom-pale)';

const cube = (c: Tones) => (
  <>
    {body('M-.84-.72Q-.84-.86-.7-.86H.64Q.74-.86.76-.78L.86-.6V.74Q.86.86.74.86H-.56Q-.68.86-.74.78L-.84.6z', {
      ...c,
      fill: c.dark,
    })}
    {patch('M-.8-.7Q-.8-.82-.68-.82H.6Q.72-.82.72-.7V.56Q.72.68.6.68H-.68Q-.8.68-.8.56z', c.fill)}
    {stroke('M-.64-.66H.44', c.light, 0.1, 0.9)}
  </>
);

/** Tofu, mushrooms, noodles and the rest, each drawn in a circle of radius one with its length towards the rim. */
export const OTHER = {
  block: cube,
  grilled: (c: Tones) => (
    <>
      {cube(c)}
      {stroke('M-.52-.56-.26.42M-.12-.6.14.46M.28-.56.5.34', tonesOf('mushroom').fill, 0.17, 0.7)}
    </>
  ),
  triangle: (c: Tones) => (
    <>
      {body('M-.86.66C-.9.76-.8.8-.72.8H.72C.8.8.9.76.86.66L.1-.78C.04-.86-.04-.86-.1-.78z', { ...c, fill: c.dark })}
      {patch('M-.62.56 0-.6 .62.56z', tonesOf('tofu').fill)}
      {stroke('M-.3.36h.01M.1.1h.01M.2.4h.01M-.06-.16h.01', c.dark, 0.1, 0.5)}
    </>
  ),
  parcel: (c: Tones) => (
    <>
      {body('M-1 .42C-.98-.26-.55-.62 0-.62S.98-.26 1 .42C.96.6.6.56 0 .56S-.96.6-1 .42z', c)}
      {stroke('M-.8.3C-.74-.1-.42-.36 0-.36S.74-.1.8.3', c.light, 0.1, 0.85)}
      {stroke('M-.5.3C-.4 0-.2-.12 0-.12', tonesOf('mushroom').fill, 0.09, 0.4)}
      {stroke('M-.9.48H.9', c.dark, 0.07, 0.7)}
    </>
  ),
  cap: (c: Tones) => (
    <>
      {disc(0.95, c)}
      <Circle r={0.82} fill="none" stroke={c.light} strokeWidth={0.1} opacity={0.35} />
      {[0, 60, 120].map((deg) => (
        <Ellipse key={deg} rx={0.62} ry={0.1} fill={PALE} transform={`rotate(${deg + 30})`} />
      ))}
      <Circle r={0.14} fill={PALE} />
    </>
  ),
  strip: (c: Tones) => (
    <>
      {body(
        'M-.2.96C-.26.5-.22.1-.24-.2-.44-.3-.46-.6-.34-.78-.16-.98.16-.98.34-.78.46-.6.44-.3.24-.2.22.1.26.5.2.96.06 1.02-.06 1.02-.2.96z',
        c,
      )}
      {patch('M-.36-.48C-.38-.66-.2-.88 0-.88S.38-.66.36-.48C.16-.4-.16-.4-.36-.48z', tonesOf('mushroom').fill, 0.55)}
      {stroke('M-.08.8V-.14M.08.7V-.1', c.light, 0.06, 0.8)}
    </>
  ),
  tuft: (c: Tones) => (
    <>
      {body('M-.3.98C-.24.5-.5-.1-.62-.4L.62-.4C.5-.1.24.5.3.98z', { ...c, line: c.dark })}
      {stroke(
        'M-.16.9C-.16.3-.36-.1-.44-.4M0 .9V-.4M.16.9C.16.3.36-.1.44-.4M-.06.9C-.08.3-.16-.1-.22-.4M.07.9C.1.3.16-.1.22-.4',
        c.dark,
        0.045,
        0.7,
      )}
      {[
        [-0.58, -0.5],
        [-0.32, -0.68],
        [0, -0.76],
        [0.32, -0.68],
        [0.58, -0.5],
        [-0.16, -0.48],
        [0.17, -0.46],
      ].map(([x, y]) => (
        <Circle key={`${x}`} cx={x} cy={y} r={0.19} fill={c.light} stroke={c.line} strokeWidth={0.045} />
      ))}
    </>
  ),
  cluster: (c: Tones) => (
    <>
      {body('M-.24.92C-.22.5-.66.2-.6-.1H.6C.66.2.22.5.24.92z', tonesOf('mushroom-pale'))}
      {[
        [-0.56, -0.12, 0.34],
        [0.56, -0.1, 0.33],
        [-0.26, -0.52, 0.36],
        [0.3, -0.54, 0.36],
        [0.02, -0.06, 0.36],
      ].map(([x, y, r]) => (
        <Circle key={`${x}`} cx={x} cy={y} r={r} fill={c.fill} stroke={c.line} strokeWidth={0.055} />
      ))}
      {stroke(
        'M-.7-.2C-.66-.3-.56-.34-.48-.3M-.4-.62C-.34-.74-.22-.74-.16-.7M.16-.66C.24-.76.36-.76.42-.7M.44-.2C.5-.28.6-.28.66-.22',
        c.light,
        0.07,
        0.8,
      )}
    </>
  ),
  ruffle: (c: Tones) => (
    <>
      {body(
        'M-.86-.2C-.98-.54-.6-.8-.36-.64-.2-.92.24-.92.34-.62.62-.84.98-.5.84-.2 1.02.1.8.44.56.42.5.78.1.86-.06.62-.3.88-.72.7-.66.36-.94.34-1 0-.86-.2z',
        c,
      )}
      {stroke(
        'M-.5-.3C-.2-.1-.3.2-.1.3M.1-.5C.1-.2.4-.1.3.2M-.6.1C-.4.14-.3.3-.34.46M.5-.3C.54-.1.66 0 .6.16',
        c.light,
        0.075,
        0.6,
      )}
      {stroke('M-.2-.4C0-.3 0 0 .14.06', c.dark, 0.06, 0.6)}
    </>
  ),
  knot: (c: Tones) => (
    <>
      {oval(0.92, 0.6, c)}
      {stroke(
        'M-.8-.12C-.3-.5.3-.5.8-.12M-.84.06C-.3-.26.3-.26.84.06M-.76.26C-.3 0 .3 0 .76.26M-.5.44C-.2.26.2.26.5.44',
        c.light,
        0.085,
        0.75,
      )}
      {body('M-.16-.5C0-.56.1-.54.18-.48.1-.2.1.2.2.46.06.56-.1.56-.2.48-.1.2-.1-.2-.16-.5z', c)}
    </>
  ),
  noodle: (c: Tones) => {
    const nest =
      'M-.86.1C-.84-.5-.3-.8.2-.66S.92-.02.66.4-.2.84-.5.5-.5-.24-.06-.3.46.02.3.26-.1.36-.14.14M-.7.5C-.3.86.3.9.66.66M-.74-.36C-.5-.74.1-.9.56-.7M.86-.3C.98.1.9.4.76.6M-.9.3C-.86.5-.8.6-.7.7';
    return (
      <>
        {patch('M-.9 0C-.9-.56-.4-.84.06-.8S.96-.4.92.1.5.86 0 .84-.9.5-.9 0z', c.dark, 0.55)}
        {stroke(nest, c.line, 0.2, 0.7)}
        {stroke(nest, c.fill, 0.14)}
      </>
    );
  },
  dumpling: (c: Tones) => (
    <>
      {body('M-1 .34C-.96-.2-.5-.62 0-.62S.96-.2 1 .34C.8.6.4.5 0 .5S-.8.6-1 .34z', c)}
      {stroke(
        'M-.7.3C-.66.1-.6 0-.5-.12M-.36.26C-.34.04-.28-.08-.2-.2M0 .26V-.22M.36.26C.34.04.28-.08.2-.2M.7.3C.66.1.6 0 .5-.12',
        c.dark,
        0.06,
        0.7,
      )}
      {stroke('M-.5-.3C-.3-.46.3-.46.5-.3', c.light, 0.1, 0.9)}
    </>
  ),
  grains: (c: Tones) => (
    <>
      {[
        [-0.4, -0.25, 20],
        [0.36, -0.1, -30],
        [-0.12, 0.42, 70],
        [0.44, 0.4, 10],
      ].map(([x, y, deg]) => (
        <Ellipse
          key={`${x}`}
          rx={0.34}
          ry={0.2}
          fill={c.fill}
          stroke={c.line}
          strokeWidth={0.05}
          transform={`translate(${x} ${y}) rotate(${deg})`}
        />
      ))}
    </>
  ),
  yolk: (c: Tones) => (
    <>
      {body('M-.9 0C-.7-.7 0-.9.5-.6S1 .3.6.7-.5.9-.8.5z', tonesOf('tofu'))}
      <Circle r={0.42} fill={c.fill} />
      {stroke('M-.2-.2C-.1-.3.06-.32.16-.26', c.light, 0.1, 0.9)}
    </>
  ),
} satisfies Partial<Record<Glyph, (tones: Tones) => ReactNode>>;
