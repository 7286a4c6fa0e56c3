import { deviceMs } from '@/state/clock';
import type { Ear, Listener, SoundGoes } from './listener';

/** The part of the Web Speech API that is used, which not every browser has. */
interface Recognition {
  lang: string;
  continuous: boolean;
  maxAlternatives: number;
  processLocally?: boolean;
  onspeechstart: (() => void) | null;
  onresult: ((event: RecognitionResult) => void) | null;
  onerror: ((event: { error: string }) => void) | null;
  onend: (() => void) | null;
  start(): void;
  abort(): void;
}
interface RecognitionResult {
  resultIndex: number;
  results: ArrayLike<ArrayLike<{ transcript: string }> & { isFinal: boolean }>;
}
interface RecognitionMaker {
  new (): Recognition;
  /** Newer browsers say whether they can do it without sending the sound away. */
  available?(wanted: { langs: string[]; processLocally: boolean }): Promise<string>;
}

const LANGUAGE = 'en';
/** Silence ends it; it begins again after so long, and later where the network is away, in ms. */
const AGAIN_MS = 250;
const LATER_MS = 5_000;
/** Where a browser does not say when speech began: a short answer and the time to make words of it, in ms. */
const SPOKEN_MS = 2_500;

const REFUSED: Readonly<Record<string, string>> = {
  'not-allowed': 'This browser may not use the microphone. Allow it for this page, then turn listening on again.',
  'service-not-allowed': 'This browser does not listen on this page. Answer by tapping.',
  'audio-capture': 'No microphone was found. Answer by tapping.',
  'language-not-supported': 'This browser does not understand English here. Answer by tapping.',
};

function maker(): RecognitionMaker | undefined {
  const own = globalThis as { SpeechRecognition?: RecognitionMaker; webkitSpeechRecognition?: RecognitionMaker };
  return own.SpeechRecognition ?? own.webkitSpeechRecognition;
}

async function staysHere(Made: RecognitionMaker): Promise<boolean> {
  return (await Made.available?.({ langs: [LANGUAGE], processLocally: true })) === 'available';
}

class BrowserListener implements Listener {
  constructor(private readonly Made: RecognitionMaker) {}

  async soundGoes(): Promise<SoundGoes> {
    return (await staysHere(this.Made)) ? 'nowhere' : 'away';
  }

  listen({ onHeard, onFailed }: Ear): () => void {
    const made = new this.Made();
    let isOn = true;
    let again: ReturnType<typeof setTimeout> | undefined;
    let waitsMs = AGAIN_MS;
    let beganAtMs: number | undefined;
    made.lang = LANGUAGE;
    made.continuous = true;
    made.maxAlternatives = 3;
    made.onspeechstart = () => {
      beganAtMs = deviceMs();
    };
    made.onresult = ({ results, resultIndex }) => {
      waitsMs = AGAIN_MS;
      for (const result of Array.from(results).slice(resultIndex)) {
        if (!result.isFinal) continue;
        const texts = Array.from(result, ({ transcript }) => transcript);
        // While one answer follows the other without a pause, the first word of the next is not told.
        onHeard({ texts, beganAtMs: beganAtMs ?? deviceMs() - SPOKEN_MS });
        beganAtMs = undefined;
      }
    };
    made.onerror = ({ error }) => {
      const why = REFUSED[error];
      if (error === 'network') waitsMs = LATER_MS;
      if (!why) return;
      isOn = false;
      onFailed(why);
    };
    made.onend = () => {
      if (isOn) again = setTimeout(() => made.start(), waitsMs);
    };
    const begin = async () => {
      if (made.processLocally !== undefined) made.processLocally = await staysHere(this.Made);
      if (isOn) made.start();
    };
    begin().catch((error: unknown) => {
      console.warn('This browser does not listen', error);
      onFailed('This browser does not listen. Answer by tapping.');
    });
    return () => {
      isOn = false;
      clearTimeout(again);
      made.abort();
    };
  }
}

/** The listener of this browser; none where it has none. */
export function browserListener(): Listener | undefined {
  const Made = maker();
  return Made && new BrowserListener(Made);
}
