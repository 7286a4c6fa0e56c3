import { makePlanning } from '@elixa/core/planEvening/planning';
import { makeWatching } from '@elixa/core/live/watching';
import { makeRehearsing } from '@elixa/core/rehearsal/rehearsing';
import { makeJobQueue, type Asked } from './jobQueue';

// A message to oneself comes after those that are waiting already, and sooner than any timer.
const { port1, port2 } = new MessageChannel();
const waiting: Array<() => void> = [];
port1.onmessage = () => waiting.shift()?.();

const planning = makePlanning();
const watching = makeWatching();
const rehearsing = makeRehearsing();

const take = makeJobQueue({
  plan: (question) => {
    if ('seed' in question) return rehearsing(question);
    return 'state' in question ? watching(question) : planning(question);
  },
  tell: (answer) => self.postMessage(answer),
  later: (go) => {
    waiting.push(go);
    port2.postMessage(undefined);
  },
  nowMs: () => performance.now(),
});

self.onmessage = ({ data }: MessageEvent<Asked>) => take(data);
