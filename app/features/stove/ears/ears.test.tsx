import type { Watch } from '@elixa/core';
import { act, render, screen, userEvent } from '@testing-library/react-native';
import * as Speech from 'expo-speech';
import { Provider } from 'react-redux';
import { useRef } from 'react';
import { makeStore } from '@/state';
import { listensSet } from '@/state/settings';
import { steps, viewAt } from '@/testing/atStove';
import { scriptedListener } from '@/testing/scriptedListener';
import { browserListener } from './browserListener';
import { EarRow } from './EarRow';
import { ListenerContext, useEars } from './useEars';

jest.mock('expo-speech', () => ({ speak: jest.fn() }));

const add = steps.findIndex(({ kind }) => kind === 'add');
const serve = steps.findIndex(({ kind }) => kind === 'serve' || kind === 'off');
const dueS = (step: number) => steps[step]!.atS;

const store = makeStore();
const listener = scriptedListener();
const make = () => listener;
const onDone = jest.fn();
const onNotYet = jest.fn();
const onTakeBack = jest.fn();

const WATCH = { id: 'simmersAgain', about: '1', says: 'Does it simmer again, all over?' } as const;
const onWatched = jest.fn();

function Ears({ view, askedMsAgo, watch }: { view: ReturnType<typeof viewAt>; askedMsAgo: number; watch?: Watch }) {
  const askedAtMs = useRef(Date.now() - askedMsAgo);
  return <EarRow {...useEars(true, { view, watch, onWatched, askedAtMs, onDone, onNotYet, onTakeBack })} />;
}
const shown = (view: ReturnType<typeof viewAt>, askedMsAgo = 60_000, watch?: Watch) => (
  <Provider store={store}>
    <ListenerContext value={make}>
      <Ears view={view} askedMsAgo={askedMsAgo} watch={watch} />
    </ListenerContext>
  </Provider>
);
const said = () => jest.mocked(Speech.speak).mock.calls.map(([text]) => text);
const hear = (text: string, beganAtMs?: number) => act(async () => listener.says(text, beganAtMs));

describe('the stove that listens', () => {
  beforeEach(() => {
    jest.clearAllMocks();
    store.dispatch(listensSet(true));
  });

  it('listens only once somebody was told where the sound goes and wanted it', async () => {
    store.dispatch(listensSet(false));
    await render(shown(viewAt(add, dueS(add))));
    expect(listener.isOn()).toBe(false);
    await userEvent.press(screen.getByRole('button', { name: 'Listening is off' }));
    expect(await screen.findByText(/does not leave this device/)).toBeTruthy();
    expect(listener.isOn()).toBe(false);
    await userEvent.press(screen.getByRole('button', { name: 'Listen' }));
    expect(listener.isOn()).toBe(true);
    await userEvent.press(screen.getByRole('button', { name: 'Listening is on' }));
    expect(listener.isOn()).toBe(false);
  });

  it('takes an answer for a tap, and says what it took and what comes then', async () => {
    await render(shown(viewAt(add, dueS(add))));
    await hear('They’re in');
    expect(onDone).toHaveBeenCalledTimes(1);
    expect(said()).toEqual([expect.stringMatching(/^Noted\. Then: /)]);
    expect(screen.getByText(/^Heard “They’re in”/)).toBeTruthy();
    await hear('Not yet');
    expect(onNotYet).toHaveBeenCalledTimes(1);
    await hear('Take that back');
    expect(onTakeBack).toHaveBeenCalledTimes(1);
  });

  it('is deaf to what is none, and to what was begun before the question', async () => {
    await render(shown(viewAt(add, dueS(add))));
    await hear('Would somebody let the cat in');
    await hear('They are in', Date.now() - 5_000);
    await hear('Yes');
    expect(onDone).not.toHaveBeenCalled();
    expect(said()).toEqual([]);
  });

  it('takes a plain yes for the answer to what it asked a moment ago', async () => {
    await render(shown(viewAt(add, dueS(add)), 2_000));
    await hear('Yes');
    expect(onDone).toHaveBeenCalledTimes(1);
  });

  it('hears that it simmers again, and takes nothing else for it', async () => {
    await render(shown(viewAt(add, dueS(add) - 100), 60_000, WATCH));
    await hear('It is simmering again');
    expect(onWatched).toHaveBeenCalledTimes(1);
    await hear('The chicken is in');
    await hear('Done');
    expect(onWatched).toHaveBeenCalledTimes(1);
    expect(onDone).toHaveBeenCalledTimes(1);
  });

  it('serves nothing by voice that is not cooked through', async () => {
    const early = viewAt(serve, dueS(serve) - 240);
    expect(early.gate).toBeDefined();
    await render(shown(early));
    await hear('The pot is on the table');
    expect(onDone).not.toHaveBeenCalled();
    expect(said()).toEqual([expect.stringMatching(/^Not yet: .+ needs .+ more\./)]);
  });

  it('wants the name of what is not due for long', async () => {
    await render(shown(viewAt(add, dueS(add) - 300)));
    await hear('It is in');
    expect(onDone).not.toHaveBeenCalled();
    expect(said()).toEqual([expect.stringMatching(/^Next is .+, in 5 minutes\. Call it by its name/)]);
    await hear('The chicken is in');
    expect(onDone).toHaveBeenCalledTimes(1);
  });

  it('is turned off where the browser may not, and says why', async () => {
    await render(shown(viewAt(add, dueS(add))));
    await act(async () => listener.fails('No microphone was found. Answer by tapping.'));
    expect(screen.getByText('No microphone was found. Answer by tapping.')).toBeTruthy();
    expect(store.getState().settings.listens).toBe(false);
  });
});

describe('a browser that listens', () => {
  class Recognition {
    static last: Recognition;
    static begun = 0;
    continuous = false;
    onspeechstart?: () => void;
    onresult?: (event: unknown) => void;
    onerror?: (event: { error: string }) => void;
    onend?: () => void;
    constructor() {
      Recognition.last = this;
    }
    start() {
      Recognition.begun += 1;
    }
    abort() {
      this.onend?.();
    }
  }
  const own = globalThis as { webkitSpeechRecognition?: unknown };
  beforeEach(() => {
    own.webkitSpeechRecognition = Recognition;
    Recognition.begun = 0;
    jest.useFakeTimers();
  });
  afterEach(() => {
    delete own.webkitSpeechRecognition;
    jest.useRealTimers();
  });

  it('is none where the browser has none', () => {
    delete own.webkitSpeechRecognition;
    expect(browserListener()).toBeUndefined();
  });

  it('hears what was said to the end, from when it was begun; goes on through silence; stops when told to', async () => {
    const onHeard = jest.fn();
    const stop = browserListener()!.listen({ onHeard, onFailed: jest.fn() });
    await act(async () => undefined);
    const beganAtMs = Date.now();
    const result = (isFinal: boolean, transcript: string) => Object.assign([{ transcript }], { isFinal });
    Recognition.last.onspeechstart?.();
    jest.advanceTimersByTime(1500);
    Recognition.last.onresult?.({ resultIndex: 0, results: [result(false, 'it')] });
    Recognition.last.onresult?.({ resultIndex: 0, results: [result(true, 'it is in')] });
    expect(onHeard.mock.calls).toEqual([[{ texts: ['it is in'], beganAtMs }]]);
    Recognition.last.onend?.();
    jest.advanceTimersByTime(1000);
    expect(Recognition.begun).toBe(2);
    stop();
    jest.advanceTimersByTime(10_000);
    expect(Recognition.begun).toBe(2);
  });

  it('says why it may not, and does not try again', async () => {
    const onFailed = jest.fn();
    browserListener()!.listen({ onHeard: jest.fn(), onFailed });
    await act(async () => undefined);
    Recognition.last.onerror?.({ error: 'not-allowed' });
    Recognition.last.onend?.();
    jest.advanceTimersByTime(10_000);
    expect(onFailed).toHaveBeenCalledWith(expect.stringMatching(/microphone/));
    expect(Recognition.begun).toBe(1);
  });
});
