/** Hands what a file holds to the browser. */
export function saveBlob(name: string, blob: Blob): void {
  const url = URL.createObjectURL(blob);
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  URL.revokeObjectURL(url);
}

/** Hands a text to the browser as a file. */
export const saveText = (name: string, type: string, text: string): void => saveBlob(name, new Blob([text], { type }));

/** What is told when something that reads files could not be loaded. */
export const NOT_READ = 'The file could not be read just now. Try again when the house answers.';

/**
 * Hands a text to the browser as a file when it is made.
 * @returns what to tell the cook: nothing, or why there is no file
 */
export async function saveMade(name: string, type: string, made: Promise<string>): Promise<string> {
  try {
    saveText(name, type, await made);
    return '';
  } catch (error) {
    console.error(`${name} could not be made`, error);
    return 'The file could not be made just now. Try again when the house answers.';
  }
}

/** A title as part of a file's name. */
export const fileNameOf = (title: string) =>
  title
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '') || 'evening';
