/** Hands a text to the phone's own way of sending, or to the clipboard. @returns what was done with it */
export async function share(title: string, text: string): Promise<string> {
  if (typeof navigator.share === 'function') {
    try {
      await navigator.share({ title, text });
      return 'Sent.';
    } catch (error) {
      // The cook closed the sheet again: nothing was sent, and nothing is wrong.
      if ((error as Error).name === 'AbortError') return '';
    }
  }
  await navigator.clipboard.writeText(text);
  return 'Copied: paste it into a message.';
}
