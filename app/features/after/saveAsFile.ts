import type { Evening } from '@elixa/contract';

const fileName = (title: string) =>
  `${
    title
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '') || 'evening'
  }.json`;

/** Hands the evening document to the browser as a file. */
export function saveAsFile(evening: Evening): void {
  const url = URL.createObjectURL(new Blob([JSON.stringify(evening, null, 2)], { type: 'application/json' }));
  const link = document.createElement('a');
  link.href = url;
  link.download = fileName(evening.title);
  link.click();
  URL.revokeObjectURL(url);
}
