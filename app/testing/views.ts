import { PAGES } from '../sheet/registry.js';
import { STATIONS } from '../stations/registry.js';

// fetched one after the other before the first test: what is fetched side by side Jest's modules cannot join
for (const record of [...STATIONS, ...PAGES]) await record.view();
