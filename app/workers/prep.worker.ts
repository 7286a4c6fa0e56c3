import { prepFromNow, remediesFromNow } from '@elixa/core';
import { expose } from 'comlink';

const preparer = { prepFromNow, remediesFromNow };
export type Preparer = typeof preparer;

expose(preparer);
