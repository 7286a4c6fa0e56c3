/** Lets Node read the code as it is written, in each worker that runs tests. */
import { register } from 'node:module';
import '@oxc-node/core/register';

register('./byName.mjs', import.meta.url);
