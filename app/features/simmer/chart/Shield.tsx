import { G, Path } from 'react-native-svg';

/** The mark of what is cooked through from then on, and of nothing else. */
export function Shield({ x, y }: { x: number; y: number }) {
  return (
    <G transform={`translate(${x} ${y})`}>
      <Path
        d="M0-7 5.5-5V.2C5.5 3.8 2.9 6 0 7.2-2.9 6-5.5 3.8-5.5.2V-5z"
        fill="rgb(var(--sheet))"
        stroke="rgb(var(--ink))"
        strokeWidth={1.4}
      />
      <Path d="M-2.4.2-.6 2 2.6-2" fill="none" stroke="rgb(var(--ink))" strokeWidth={1.5} />
    </G>
  );
}
