import { useRef } from 'react';

/**
 * The browser's own choice of a file, behind a button of the page.
 * @param camera the camera is opened at once, where the device has one
 * @returns what the button does, and the field to put beside it
 */
export function useFile(label: string, accept: string, onFile: (file: File) => Promise<void>, camera = false) {
  const input = useRef<HTMLInputElement>(null);
  const field = (
    <input
      ref={input}
      type="file"
      accept={accept}
      capture={camera ? 'environment' : undefined}
      aria-label={label}
      hidden
      onChange={(event) => {
        const [file] = event.target.files ?? [];
        event.target.value = '';
        if (file) void onFile(file);
      }}
    />
  );
  return { choose: () => input.current?.click(), field };
}

/** The same for a file of words. */
export const useFileChoice = (label: string, accept: string, onText: (text: string) => Promise<void>) =>
  useFile(label, accept, async (file) => onText(await file.text()));
