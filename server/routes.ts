/** The pages that the browser's router draws; every other path is a 404 with the same frame. */
export const APP_ROUTES =
  /^\/(?:$|plan\/[A-Za-z0-9-]+(?:\/(?:brief|choose|check|lay|sheet|reply|bites|card\/[a-z0-9-]+))?$)/;
