import { useRef } from 'react';

/**
 * The browser's own choice of a file, behind a button of the page.
 * @returns what the button does, and the field to put beside it
 */
export function useFileChoice(label: string, accept: string, onText: (text: string) => Promise<void>) {
  const input = useRef<HTMLInputElement>(null);
  const field = (
    <input
      ref={input}
      type="file"
      accept={accept}
      aria-label={label}
      hidden
      onChange={(event) => {
        const [file] = event.target.files ?? [];
        event.target.value = '';
        if (file) void file.text().then(onText);
      }}
    />
  );
  return { choose: () => input.current?.click(), field };
}
