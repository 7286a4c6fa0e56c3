/** The runner asks for a file with the time behind its name, at which its compiler no longer sees that it is TypeScript. */
export const resolve = (specifier, context, next) => next(specifier.replace(/\.ts\?\d+$/, '.ts'), context);
