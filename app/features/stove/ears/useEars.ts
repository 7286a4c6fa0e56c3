import { askedNow, heard, repliedTo, type Answer, type Asked, type LiveView, type Watch } from '@elixa/core';
import * as Speech from 'expo-speech';
import { createContext, useContext, useEffect, useEffectEvent, useMemo, useRef, useState, type RefObject } from 'react';
import { deviceMs } from '@/state/clock';
import { useAppDispatch, useAppSelector } from '@/state';
import { listensSet } from '@/state/settings';
import { useCatalogue } from '@/ui/catalogue';
import { browserListener } from './browserListener';
import type { Heard, Listener } from './listener';

/** Whatever listens here: the browser, or one that only says what it was told to. */
export const ListenerContext = createContext<() => Listener | undefined>(browserListener);

/** The listener of this device; none where it has none. */
export function useListener(): Listener | undefined {
  const made = useContext(ListenerContext);
  return useMemo(() => made(), [made]);
}

/** So long after something was asked aloud a plain yes is the answer to it, in ms. */
const ANSWERED_WITHIN_MS = 15_000;

/** Whether it simmers again, as it is answered: by what it does, since "done" may be said of what is next. */
const SIMMERING: Asked = { kind: 'boil', names: [], others: [], isAsked: false, isFarOff: false };
const saysItSimmers = (text: string) => /simmer|boil|bubbl/i.test(text) && heard(text, SIMMERING) === 'done';

export interface Ears {
  /** It listens now. */
  isOn: boolean;
  /** What was last taken for an answer, and what was said back. */
  last?: { heard: string; reply: string };
  failure?: string;
}

interface Answered {
  view: LiveView;
  /** What is to be watched, and was answered. */
  watch?: Watch | undefined;
  onWatched(): void;
  /** When something was last asked aloud, by this device's clock in ms. */
  askedAtMs: RefObject<number>;
  onDone(): void;
  onNotYet(): void;
  onTakeBack(): void;
}

/** Takes answers by voice where that is wanted, and says back what was taken for one. */
export function useEars(
  running: boolean,
  { view, watch, onWatched, askedAtMs, onDone, onNotYet, onTakeBack }: Answered,
): Ears {
  const catalogue = useCatalogue();
  const dispatch = useAppDispatch();
  const wanted = useAppSelector((state) => state.settings.listens);
  const listener = useListener();
  const [last, setLast] = useState<Ears['last']>();
  const [failure, setFailure] = useState<string>();
  const isOn = running && wanted && listener !== undefined;
  const meaning = view.rescue?.pieceIds.join(' ') ?? view.next?.actions.map(({ id }) => id).join(' ');
  // What was begun to be said before it was asked is the answer to something else.
  const sinceMs = useRef(0);
  useEffect(() => {
    sinceMs.current = deviceMs();
  }, [meaning]);

  const act: Readonly<Partial<Record<Answer, () => void>>> = {
    done: view.gate && !view.rescue ? undefined : onDone,
    notYet: onNotYet,
    takeBack: onTakeBack,
  };
  const onHeard = useEffectEvent(({ texts, beganAtMs }: Heard) => {
    const isAsked = beganAtMs - askedAtMs.current <= ANSWERED_WITHIN_MS && beganAtMs >= askedAtMs.current;
    const asked = beganAtMs >= sinceMs.current ? askedNow(catalogue, view, isAsked) : undefined;
    const isWatched = watch?.id === 'simmersAgain' && texts.some(saysItSimmers);
    if (isWatched) {
      Speech.speak('Noted.', { language: 'en' });
      setLast({ heard: texts[0]?.trim() ?? '', reply: 'Noted.' });
      onWatched();
      return;
    }
    const [taken] = texts.flatMap((text) => {
      const answer = heard(text, asked);
      return answer ? [{ text, answer }] : [];
    });
    if (!taken) return;
    const reply = repliedTo(catalogue, taken.answer, view);
    Speech.speak(reply, { language: 'en' });
    setLast({ heard: taken.text.trim(), reply });
    act[taken.answer]?.();
  });
  const onFailed = useEffectEvent((why: string) => {
    setFailure(why);
    dispatch(listensSet(false));
  });
  useEffect(() => {
    if (!isOn || !listener) return undefined;
    return listener.listen({ onHeard: (one) => onHeard(one), onFailed: (why) => onFailed(why) });
  }, [isOn, listener]);
  return { isOn, last, failure: wanted ? undefined : failure };
}
