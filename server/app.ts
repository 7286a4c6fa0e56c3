import compression from 'compression';
import express, { type Express } from 'express';
import { rateLimit } from 'express-rate-limit';
import helmet from 'helmet';
import type { Logger } from 'pino';
import pinoHttp from 'pino-http';
import { standInHob } from './devices/hob';
import { standInScale } from './devices/kitchenScale';
import { standInProbe } from './devices/probeThermometer';
import { errorHandler, sendProblem, unknownRoute } from './http/errors';
import { knownHosts } from './http/knownHosts';
import { pagesIn, webApp } from './http/webApp';
import { deviceRoutes, type Devices } from './routes/devices';
import { eveningRoutes } from './routes/evenings';
import { threadPlanner, type Planner } from './workers/planner';
import { housePotRoutes } from './routes/housePots';
import { pantryRoutes } from './routes/pantry';
import { photoRoutes } from './routes/photos';
import { planRoutes } from './routes/plan';
import { cardService } from './services/cardService';
import { eveningService } from './services/eveningService';
import { summaryOf } from './services/logSummary';
import { housePotService } from './services/housePotService';
import { liveService } from './services/liveService';
import { eveningNews } from './services/news';
import { pantryService } from './services/pantryService';
import { photoService } from './services/photoService';
import { practiceKitchen } from './services/practiceKitchen';
import type { Db } from './store/database';
import { eveningStore } from './store/eveningStore';
import { eventStore } from './store/eventStore';
import { housePotStore } from './store/housePotStore';
import { pantryStore } from './store/pantryStore';
import { photoStore } from './store/photoStore';

export interface AppOptions {
  db: Db;
  logger: Logger;
  /** Folder of the built web application; none when only the API is wanted. */
  webDirectory?: string;
  requestsPerMinute?: number;
  /** Names that lead here besides those of the machine itself. */
  hosts?: readonly string[];
  /** What plans evenings; a thread of its own when none is given. */
  planner?: Planner;
  /** The devices of the kitchen; a stand-in for each that is not given. */
  devices?: Partial<Devices>;
}

const CONTENT_SECURITY = {
  directives: {
    defaultSrc: ["'self'"],
    scriptSrc: ["'self'"],
    // The style sheets of the interface library are written at run time.
    styleSrc: ["'self'", "'unsafe-inline'"],
    fontSrc: ["'self'"],
    imgSrc: ["'self'", 'data:'],
    workerSrc: ["'self'", 'blob:'],
    // Plain http on the kitchen's own network is the normal case.
    upgradeInsecureRequests: null,
  },
};

/** Elixa's server without a port: stores → services → routes. */
export function createApp(options: AppOptions): Express {
  const evenings = eveningStore(options.db);
  const events = eventStore(options.db, summaryOf);
  const app = express();
  app.disable('x-powered-by');
  app.use(
    pinoHttp({
      logger: options.logger,
      serializers: {
        req: ({ id, method, url }: { id: unknown; method: string; url: string }) => ({ id, method, url }),
        res: ({ statusCode }: { statusCode: number }) => ({ statusCode }),
      },
    }),
  );
  app.use(knownHosts(options.hosts));
  app.use(helmet({ contentSecurityPolicy: CONTENT_SECURITY, strictTransportSecurity: false }));
  app.use(compression());
  app.use(
    '/api',
    rateLimit({
      windowMs: 60_000,
      limit: options.requestsPerMinute ?? 1200,
      standardHeaders: 'draft-8',
      legacyHeaders: false,
      handler: (request, response) =>
        sendProblem(
          response,
          {
            type: '/problems/too-many',
            title: 'Too many requests',
            status: 429,
            detail: 'Wait a minute and try again; nothing is lost.',
          },
          request.originalUrl,
        ),
    }),
    express.json({ limit: '2mb' }),
  );
  const pages = options.webDirectory && pagesIn(options.webDirectory);
  if (pages) {
    app.use('/api', (_request, response, next) => {
      response.set('elixa-pages', pages);
      next();
    });
  }
  app.get('/api/health', (_request, response) => {
    response.json({ status: 'ok' });
  });
  const planner = options.planner ?? threadPlanner();
  const news = eveningNews();
  const service = eveningService(evenings, news);
  const live = liveService(evenings, events, news);
  app.use('/api/evenings', eveningRoutes(service, live, cardService(evenings, planner)));
  app.use('/api/evenings', photoRoutes(photoService(evenings, photoStore(options.db))));
  app.get('/api/bin', async (_request, response) => {
    response.json(await service.bin());
  });
  app.get('/api/people', async (_request, response) => {
    response.json({ people: await service.people() });
  });
  const kitchen = practiceKitchen(live, news, planner);
  const standIns: Devices = {
    scale: standInScale(),
    probe: standInProbe((place) => kitchen.tempC(place), {
      onFailed: (error) => options.logger.warn({ err: error }, 'the practice probe reads nothing'),
    }),
    hob: standInHob((share) => kitchen.turn(share)),
  };
  app.use('/api/devices', deviceRoutes({ ...standIns, ...options.devices }));
  app.use('/api/pantry', pantryRoutes(pantryService(pantryStore(options.db))));
  app.use('/api/pots', housePotRoutes(housePotService(housePotStore(options.db))));
  app.use('/api', planRoutes(planner));
  app.use('/api', unknownRoute);
  if (options.webDirectory) app.use(webApp(options.webDirectory, service.titleOf));
  app.use(errorHandler);
  return app;
}
