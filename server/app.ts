import express, { type Express, type NextFunction, type Request, type Response } from 'express';
import compression from 'compression';
import staticGzip from 'express-static-gzip';
import helmet from 'helmet';
import path from 'node:path';
import { existsSync } from 'node:fs';
import { grocer } from './grocer.js';
import { APP_ROUTES } from './routes.js';

/** 'unsafe-inline' is for style attributes only: positions on the plate are computed. Scripts stay strict. */
const POLICY = {
  defaultSrc: ["'self'"],
  scriptSrc: ["'self'", "'wasm-unsafe-eval'"],
  workerSrc: ["'self'"],
  styleSrc: ["'self'", "'unsafe-inline'"],
  connectSrc: ["'self'"],
  imgSrc: ["'self'", 'data:', 'blob:'],
  fontSrc: ["'self'"],
  objectSrc: ["'none'"],
  baseUri: ["'self'"],
  frameAncestors: ["'none'"],
  formAction: ["'self'"],
  upgradeInsecureRequests: null,
};

/** Serves the build in `dist`: hashed files for a year, as the build has packed them; everything else fresh. */
export function createApp(dist: string): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(helmet({ contentSecurityPolicy: { directives: POLICY }, strictTransportSecurity: false }));
  app.use(compression());
  app.get('/health', (_req, res) => {
    res.json({ status: 'ok' });
  });
  // browsers ask for it beside each page that names none
  app.get('/favicon.ico', (_req, res) => res.redirect(301, '/icon.svg'));
  app.use('/api/grocer', grocer());
  app.use(
    '/assets',
    staticGzip(path.join(dist, 'assets'), {
      index: false,
      enableBrotli: true,
      orderPreference: ['br', 'gzip'],
      serveStatic: { immutable: true, maxAge: '1y' },
    }),
  );
  app.use(express.static(dist, { index: false, cacheControl: true, maxAge: 0 }));
  app.get('/{*splat}', (req, res) => {
    const page = path.join(dist, 'index.html');
    if (!existsSync(page)) {
      res.status(503).type('text').send('The app is not built yet: run "npm run demo".');
      return;
    }
    const known = APP_ROUTES.test(req.path);
    res.status(known ? 200 : 404).sendFile(known ? page : path.join(dist, '404.html'));
  });
  app.use(plainly);
  return app;
}

/** An error is told in one plain line: no stack, no path of the machine. */
function plainly(error: { status?: unknown }, _req: Request, res: Response, next: NextFunction): void {
  if (res.headersSent) return next(error);
  const status =
    typeof error.status === 'number' && error.status >= 400 && error.status < 500 ? error.status : 500;
  res
    .status(status)
    .type('text')
    .send(status < 500 ? 'This address cannot be read.' : 'Something went wrong here. Try again.');
}
