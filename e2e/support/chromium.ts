import { existsSync } from 'node:fs';

/** Another name of this machine, which a browser does not trust as its own: as a phone in the house sees it. */
export const PLAIN_HOST = 'kitchen.test';

/** Where Debian's packages put Chromium: without its windows, which starts and draws faster, or whole. */
const PLACES = { bare: '/usr/bin/chromium-headless-shell', whole: '/usr/bin/chromium' } as const;

/**
 * How Chromium is started everywhere in this project.
 * @param isWhole with its windows, whose fields for days and times speak the reader's language
 * @throws Error when there is none, with the way to get one
 */
export function chromiumOptions(isWhole = false) {
  const places = isWhole ? [PLACES.whole, PLACES.bare] : [PLACES.bare, PLACES.whole];
  const wanted = process.env.ELIXA_CHROMIUM ? [process.env.ELIXA_CHROMIUM] : places;
  const executablePath = wanted.find((one) => existsSync(one));
  if (!executablePath) {
    throw new Error(`There is no Chromium at ${wanted.join(' or ')}. Install Debian's package, or set ELIXA_CHROMIUM.`);
  }
  return {
    executablePath,
    // Fields for days and times are drawn in the browser's own language; Debian has it in chromium-l10n.
    env: { ...process.env, LANGUAGE: 'en_GB' },
    args: [
      '--no-sandbox',
      '--disable-gpu',
      '--disable-quic',
      '--no-first-run',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
      `--host-resolver-rules=MAP ${PLAIN_HOST} 127.0.0.1`,
    ],
  };
}
