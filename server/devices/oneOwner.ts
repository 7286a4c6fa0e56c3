import type { Device } from './device';

/** Reads a device, and is told when another takes it. */
export interface Owner<Reading> {
  /** The tab or phone that reads. */
  id: string;
  onReading(reading: Reading): void;
  onTaken(): void;
}

/**
 * A device that one reads at a time: two that wrote down its readings would write each twice.
 * @example oneOwner(probe).take({ id: 'this-tab', onReading, onTaken })
 */
export function oneOwner<Reading>(device: Device<Reading>) {
  let owner: { id: string; end(): void } | undefined;
  return {
    /**
     * @param byForce takes it from whoever reads it
     * @returns a function that gives it back; none where another reads it
     */
    take({ id, onReading, onTaken }: Owner<Reading>, byForce = false): (() => void) | undefined {
      if (owner && owner.id !== id && !byForce) return undefined;
      owner?.end();
      const stop = device.listen(onReading);
      const mine = {
        id,
        end() {
          stop();
          onTaken();
        },
      };
      owner = mine;
      return () => {
        stop();
        if (owner === mine) owner = undefined;
      };
    },
  };
}
