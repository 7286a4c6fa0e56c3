import type { Ear, Listener } from '@/features/stove/ears/listener';

/** A listener that hears only what it is told to, when it listens. */
export function scriptedListener(): Listener & {
  isOn(): boolean;
  says(text: string, beganAtMs?: number): void;
  fails(why: string): void;
} {
  let ear: Ear | undefined;
  return {
    soundGoes: async () => 'nowhere',
    listen(given) {
      ear = given;
      return () => {
        ear = undefined;
      };
    },
    isOn: () => ear !== undefined,
    says: (text, beganAtMs = Date.now() + 1) => ear?.onHeard({ texts: [text], beganAtMs }),
    fails: (why) => ear?.onFailed(why),
  };
}
