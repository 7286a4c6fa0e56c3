import { z } from 'zod';

// Before any schema is made: browsers that keep foreign scripts out log every probe for a compiler as a fault.
z.config({ jitless: true });
