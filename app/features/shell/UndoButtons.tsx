import { useEffect } from 'react';
import { IconButton } from '@/ui/Button';
import { Redo2, Undo2 } from '@/ui/icons';

interface Props {
  undo?(): void;
  redo?(): void;
}

const isTyping = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName));

/** What a key asks for: back with Ctrl or Cmd and Z, again with Shift besides, or with Y. */
export function askedBy({ key, ctrlKey, metaKey, shiftKey, altKey }: KeyboardEvent): 'undo' | 'redo' | undefined {
  if (!(ctrlKey || metaKey) || altKey) return undefined;
  const letter = key.toLowerCase();
  if (letter === 'z') return shiftKey ? 'redo' : 'undo';
  return letter === 'y' && !shiftKey ? 'redo' : undefined;
}

/** Takes the last change of the evening back, and makes it again: by button and, outside of text fields, by keyboard. */
export function UndoButtons({ undo, redo }: Props) {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const asked = isTyping(event.target) ? undefined : askedBy(event);
      const work = asked === 'undo' ? undo : asked === 'redo' ? redo : undefined;
      if (!work) return;
      event.preventDefault();
      work();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [undo, redo]);
  return (
    <>
      {undo ? (
        <IconButton label="Undo the last change" onPress={undo} icon={<Undo2 size={22} color="rgb(var(--ink))" />} />
      ) : null}
      {redo ? (
        <IconButton label="Make the change again" onPress={redo} icon={<Redo2 size={22} color="rgb(var(--ink))" />} />
      ) : null}
    </>
  );
}
