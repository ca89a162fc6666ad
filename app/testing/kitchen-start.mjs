import { register } from 'tsx/esm/api';

// a thread does not inherit what the process was started with
register();
await import('./kitchen-thread.ts');
