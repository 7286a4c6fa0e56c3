import type { Edit, Evening, LiveEvent, PantryItem } from '@elixa/contract';
import { applyEdit, planPot } from '@elixa/core';
import { render, type RenderResult } from '@testing-library/react-native';
import { useState, type ReactNode } from 'react';
import { Provider } from 'react-redux';
import { usePantry } from '@/state/usePantry';
import { makeStore } from '@/state';
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
  const edit = (given: Edit) =>
    setEvening((before) => {
      const next = applyEdit(before, given);
      onChange(next);
      return next;
    });
  const { items: pantry } = usePantry();
  const plan = planPot({ ...evening, pantry });
  return <EveningProvider value={{ evening, edit, plan, faults: [], pending: false }}>{children}</EveningProvider>;
}

/** Shows a part of an evening's page, with the plan that follows from it, every change that it makes, and the pantry. */
export async function inEvening(
  evening: Evening,
  children: ReactNode,
): Promise<{ shown: RenderResult; last(): Evening | undefined; stock(): PantryItem[]; log(): readonly LiveEvent[] }> {
  let last: Evening | undefined;
  const store = makeStore();
  const shown = await render(
    <Provider store={store}>
      <Inside start={evening} onChange={(next) => (last = next)}>
        {children}
      </Inside>
    </Provider>,
  );
  return {
    shown,
    last: () => last,
    stock: () => store.getState().pantry.items,
    log: () => store.getState().live[evening.id]?.events ?? [],
  };
}
