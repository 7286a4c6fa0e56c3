import { useEffect, useRef, useState } from 'react';
import type { View } from 'react-native';

/** How far off the screen something is made ready, as a margin of the browser. */
const AHEAD = '600px';

/**
 * Whether something has come near the part of a page that is seen, so that a long page does not draw what nobody looks at.
 * It stays so once it has been. Where the browser cannot tell, everything is near.
 */
export function useNear() {
  const ref = useRef<View>(null);
  const [isNear, setIsNear] = useState(typeof IntersectionObserver === 'undefined');
  useEffect(() => {
    const element = ref.current as unknown as Element | null;
    if (isNear || !element) return undefined;
    const observer = new IntersectionObserver(
      (entries) => {
        if (entries.some((entry) => entry.isIntersecting)) setIsNear(true);
      },
      { rootMargin: AHEAD },
    );
    observer.observe(element);
    return () => observer.disconnect();
  }, [isNear]);
  return { ref, isNear };
}
