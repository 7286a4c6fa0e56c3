import { useEffect, useRef, type RefObject } from 'react';
import type { View } from 'react-native';

/** @returns for what stands at the top of a page: it is in sight when it comes, wherever the page before was scrolled to */
export function useTop(): RefObject<View | null> {
  const top = useRef<View>(null);
  useEffect(() => {
    // On the web a view is its element.
    (top.current as Partial<Pick<HTMLElement, 'scrollIntoView'>> | null)?.scrollIntoView?.({ block: 'start' });
  }, []);
  return top;
}
