export class Pages {
  constructor(store) {
    this.store = store;
  }

  list(request) {
    return this.store.all(request.quay);
  }

  one(request) {
    return this.store.get(request.id);
  }
}

export class Router {
  constructor() {
    this.routes = new Map();
  }

  add(path, page) {
    this.routes.set(path, page);
  }

  answer(request) {
    const page = this.routes.get(request.path);
    return page ? page(request) : "nothing there";
  }
}

const pages = new Pages({ all: () => [], get: () => null });
const router = new Router();
router.add("/ships", (request) => pages.list(request));
router.add("/ship", (request) => pages.one(request));
router.answer({ path: "/ships", quay: "east" });
