/** Keeps the pages on the device, so that they open while the server is silent. Only where the browser allows it. */
export function keepPages(): void {
  if (process.env.NODE_ENV !== 'production' || !('serviceWorker' in navigator)) return;
  navigator.serviceWorker
    .register('/sw.js')
    .catch((error: unknown) => console.warn('Pages are not kept on this device', error));
}
