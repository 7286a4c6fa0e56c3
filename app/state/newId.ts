import { v4 } from 'uuid';

/** An id that nobody else has; made so that it works over plain http too, where the browser's own is not to be had. */
export const newId = (): string => v4();
