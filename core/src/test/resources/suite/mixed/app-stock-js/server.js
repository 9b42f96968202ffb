import { dispatch, getState } from './store.js';

const routes = {
  'GET /items': () => getState().items,
  'POST /items': (body) => {
    dispatch({ type: 'add', item: { id: Date.now(), name: body.name } });
    return { ok: true };
  },
};

export async function handle(request) {
  const route = routes[`${request.method} ${request.path}`];
  if (!route) {
    return { status: 404 };
  }
  try {
    return { status: 200, body: await route(request.body) };
  } catch (error) {
    return { status: 500, error: error.message };
  }
}
