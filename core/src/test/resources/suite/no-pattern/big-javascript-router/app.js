import { Router } from './router.js';
const berths = new Map([['A1', null]]);
export const app = new Router()
  .use(async (request, next) => { const response = await next(); return { ...response, took: 1 }; })
  .use((request, next) => (request.user ? next() : { status: 401, body: 'who?' }))
  .get('/berths', () => ({ status: 200, body: [...berths.keys()].join() }))
  .post('/berths/:name', (request, { name }) => { berths.set(name, request.body); return { status: 201, body: name }; });
app.handle({ method: 'GET', path: '/berths', user: 'ana' }).then(console.log);
