import { PAGES } from '../app/sheet/registry.js';
import { STATIONS } from '../app/stations/registry.js';

const oneOf = [...STATIONS, ...PAGES].map(({ id, ...page }) => ('of' in page ? `${id}/[a-z0-9-]+` : id));

/** The pages that the browser's router draws; every other path is a 404 with the same frame. */
export const APP_ROUTES = new RegExp(`^/(?:$|house$|plan/[A-Za-z0-9-]+(?:/(?:${oneOf.join('|')}))?$)`);
