/**
 * What tests draw: the same every time, and little, so that nothing fails by chance; `npm run test:long` draws anew and as
 * much as a minute takes.
 */
import fc from 'fast-check';

fc.configureGlobal(process.env.ELIXA_LONG ? { interruptAfterTimeLimit: 50_000 } : { seed: 20261130 });
