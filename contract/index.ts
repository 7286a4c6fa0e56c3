export * from './api';
export * from './evening';
export * from './fieldErrors';
export * from './live';
export * from './plan';
export * from './published';
