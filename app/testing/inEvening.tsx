import type { Evening } from '@elixa/contract';
import { planPot } from '@elixa/core';
import { render, type RenderResult } from '@testing-library/react-native';
import { useState, type ReactNode } from 'react';
import { Provider } from 'react-redux';
import { makeStore } from '@/store';
import { EveningProvider } from '@/features/evening/EveningContext';

function Inside({
  start,
  onChange,
  children,
}: {
  start: Evening;
  onChange(evening: Evening): void;
  children: ReactNode;
}) {
  const [evening, setEvening] = useState(start);
  const change = (next: Evening) => {
    onChange(next);
    setEvening(next);
  };
  return (
    <EveningProvider value={{ evening, change, plan: planPot(evening), faults: [], pending: false, prepState: {} }}>
      {children}
    </EveningProvider>
  );
}

/** Shows a part of an evening's page, with the plan that follows from it, and every change that it makes. */
export async function inEvening(
  evening: Evening,
  children: ReactNode,
): Promise<{ shown: RenderResult; last(): Evening | undefined }> {
  let last: Evening | undefined;
  const shown = await render(
    <Provider store={makeStore()}>
      <Inside start={evening} onChange={(next) => (last = next)}>
        {children}
      </Inside>
    </Provider>,
  );
  return { shown, last: () => last };
}
