export class App {
  constructor() {
    this.plugins = [];
    this.routes = new Map();
  }

  use(plugin) {
    this.plugins.push(plugin);
    plugin.install(this);
    return this;
  }

  route(path, handler) {
    this.routes.set(path, handler);
  }
}

export class Tides {
  install(app) {
    app.route('/tides', () => 'high');
  }
}

export class Ships {
  install(app) {
    app.route('/ships', () => 'none');
  }
}
