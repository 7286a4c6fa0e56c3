/** The device of events that were written before events had one. */
export const BEFORE_DEVICES = 'before-version-2';
