/** Lets Node read the code as it is written, in each worker that runs tests. */
import '@oxc-node/core/register';
