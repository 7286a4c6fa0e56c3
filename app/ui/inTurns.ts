/** Does one thing after another, each in a turn of its own: a tap in between is not kept waiting. */
export async function inTurns(things: ReadonlyArray<() => unknown>): Promise<void> {
  for (const thing of things) {
    await new Promise((resolve) => setTimeout(resolve));
    thing();
  }
}
