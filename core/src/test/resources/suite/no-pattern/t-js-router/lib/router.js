export class Router {
  #routes = [];
  #before = [];
  #notFound = () => ({ status: 404 });

  use(hook) {
    this.#before.push(hook);
    return this;
  }

  get(path, handler) { return this.#add('GET', path, handler); }
  post(path, handler) { return this.#add('POST', path, handler); }

  otherwise(handler) {
    this.#notFound = handler;
    return this;
  }

  #add(method, path, handler) {
    const keys = [];
    const pattern = new RegExp('^' + path.replace(/:(\w+)/g, (_, key) => { keys.push(key); return '([^/]+)'; }) + '$');
    this.#routes.push({ method, pattern, keys, handler });
    return this;
  }

  async handle(request) {
    for (const hook of this.#before) {
      const early = await hook(request);
      if (early) return early;
    }
    for (const { method, pattern, keys, handler } of this.#routes) {
      const match = method === request.method && pattern.exec(request.path);
      if (match) {
        request.params = Object.fromEntries(keys.map((key, i) => [key, match[i + 1]]));
        return handler(request);
      }
    }
    return this.#notFound(request);
  }
}
