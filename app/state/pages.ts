/** Which build of the pages this is; none while they are developed. */
const ownPages = (): string | undefined =>
  globalThis.document?.querySelector?.('meta[name="pages"]')?.getAttribute('content') ?? undefined;

/** Whether the server gives out other pages than these: they are older than what it speaks. */
export const areOlder = (told: string | null | undefined): boolean => {
  const own = ownPages();
  return own !== undefined && typeof told === 'string' && told !== '' && told !== own;
};

/** The newest pages that the server has, in place of these: those that the device keeps are fetched anew first. */
export async function reloadPages(): Promise<void> {
  const kept = await navigator.serviceWorker?.getRegistration();
  // Where the server is silent after all, the page comes back as it was.
  await kept?.update().catch(() => undefined);
  const coming = kept?.installing ?? kept?.waiting;
  if (coming && coming.state !== 'activated') {
    await new Promise<void>((done) => {
      coming.addEventListener('statechange', () => {
        if (coming.state === 'activated' || coming.state === 'redundant') done();
      });
    });
  }
  window.location.reload();
}
