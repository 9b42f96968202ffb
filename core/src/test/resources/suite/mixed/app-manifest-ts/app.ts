import { HasFields, LoggedIn, Router } from './guards';
import { ManifestStore } from './manifest';
import { ManifestService } from './service';

const service = new ManifestService(new ManifestStore(), { now: () => new Date() });

export const router = new Router()
  .route('/manifests', [new LoggedIn(), new HasFields(['ship'])], async ({ body }) => service.open(String(body.ship)))
  .route('/items', [new LoggedIn()], async ({ body }) => service.add(String(body.id), body.item as never));
