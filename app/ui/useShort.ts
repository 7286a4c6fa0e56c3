import { useWindowDimensions } from 'react-native';

/** Below this height bars give way before content does. */
const SHORT_PX = 520;

/** Whether the screen is as low as a phone on its side. */
export const useShort = () => useWindowDimensions().height < SHORT_PX;
