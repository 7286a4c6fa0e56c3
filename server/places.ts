import path from 'node:path';

const isBuilt = path.basename(import.meta.dirname) === 'dist';

/** The project's folder, be the server run from its sources or from what was built of them. */
export const ROOT = path.join(import.meta.dirname, ...(isBuilt ? ['..', '..'] : ['..']));
export const EXAMPLES = path.join(ROOT, 'examples');
export const MIGRATIONS = path.join(ROOT, 'server', 'store', 'migrations');
