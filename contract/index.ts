export * from './api';
export * from './devices';
export * from './evening';
export * from './fieldErrors';
export * from './live';
export * from './plan';
export * from './published';
