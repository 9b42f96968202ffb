import { Router } from './router.js';

const pages = new Map([['home', '<h1>Home</h1>']]);

async function show(request) {
  const html = pages.get(request.params.name);
  return html ? { status: 200, html } : { status: 404 };
}

function save(request) {
  pages.set(request.params.name, request.body);
  return { status: 303, location: `/p/${request.params.name}` };
}

export function createApp({ token } = {}) {
  const router = new Router();
  return router
    .use(request => (request.method === 'POST' && request.token !== token ? { status: 401 } : undefined))
    .get('/p/:name', show)
    .post('/p/:name', save)
    .otherwise(request => ({ status: 302, location: '/p/home' }));
}
