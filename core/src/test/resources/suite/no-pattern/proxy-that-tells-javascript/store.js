export class Store {
  #watchers = [];

  constructor() {
    this.data = new Proxy({ level: 0 }, {
      set: (target, name, value) => {
        target[name] = value;
        this.#watchers.forEach((watcher) => watcher(name, value));
        return true;
      },
    });
  }

  watch(watcher) {
    this.#watchers.push(watcher);
  }

  unwatch(watcher) {
    this.#watchers = this.#watchers.filter((one) => one !== watcher);
  }
}

const store = new Store();
store.watch((name, value) => console.log(name, value));
store.data.level = 3;
