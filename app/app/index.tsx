import { Text } from 'react-native';
import * as Comlink from 'comlink';
import Svg, { Circle } from 'react-native-svg';
import { fieldPath } from '@elixa/contract';
const w = typeof window === 'undefined' ? null : new Worker(new URL('../workers/plan.worker', window.location.href));
export default function Home() { return <Text className="text-red-500" onPress={() => w && Comlink.wrap(w)}>{fieldPath(['a'])}<Svg><Circle r={3} fill="var(--x)" /></Svg></Text>; }
