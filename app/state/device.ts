import { newId } from '@/state/newId';

/** This page: every visit, and every tab, speaks in the log under a name of its own. */
export const DEVICE = newId();
