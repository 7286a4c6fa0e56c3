import './quiet';

export * from './api';
export * from './devices';
export * from './edits';
export * from './evening';
export * from './housePot';
export * from './ids';
export * from './pantry';
export * from './fieldErrors';
export * from './live';
export * from './plan';
export * from './prep';
export * from './published';
export * from './readEvening';
export * from './stages';
export * from './years';
export * from './beforeDevices';
