/** Lets Node read the code as it is written, in each worker that runs tests. */
import { register as registerRequire } from 'tsx/cjs/api';
import { register as registerImport } from 'tsx/esm/api';

registerRequire();
registerImport();
