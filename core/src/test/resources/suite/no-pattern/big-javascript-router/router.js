export class Router {
  #routes = [];
  #middleware = [];
  get(path, handler) { this.#routes.push({ method: 'GET', pattern: compile(path), handler }); return this; }
  post(path, handler) { this.#routes.push({ method: 'POST', pattern: compile(path), handler }); return this; }
  use(fn) { this.#middleware.push(fn); return this; }
  async handle(request) {
    let index = -1;
    const next = async () => {
      index += 1;
      if (index < this.#middleware.length) return this.#middleware[index](request, next);
      return this.#dispatch(request);
    };
    return next();
  }
  #dispatch(request) {
    for (const { method, pattern, handler } of this.#routes) {
      const match = method === request.method && pattern.exec(request.path);
      if (match) return handler(request, match.groups ?? {});
    }
    return { status: 404, body: 'not found' };
  }
}
function compile(path) { return new RegExp(`^${path.replace(/:(\w+)/g, '(?<$1>[^/]+)')}$`); }
