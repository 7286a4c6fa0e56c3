import { existsSync } from 'node:fs';

/** Another name of this machine, which a browser does not trust as its own: as a phone in the house sees it. */
export const PLAIN_HOST = 'kitchen.test';

/**
 * How Chromium is started everywhere in this project.
 * @throws Error when there is none, with the way to get one
 */
export function chromiumOptions() {
  const executablePath = process.env.ELIXA_CHROMIUM ?? '/usr/bin/chromium';
  if (!existsSync(executablePath)) {
    throw new Error(`There is no Chromium at ${executablePath}. Install Debian's package, or set ELIXA_CHROMIUM.`);
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
