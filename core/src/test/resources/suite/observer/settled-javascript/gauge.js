class Tower { async level(cm) { console.log(cm); } }
class Lamp { async level(cm) { console.log(cm > 9); } }
class Gauge {
  constructor() { this.watchers = []; }
  join(watcher) { this.watchers.push(watcher); }
  async measure(cm) {
    this.cm = cm;
    const results = await Promise.allSettled(this.watchers.map(async watcher => watcher.level(cm)));
    return results.filter(one => one.status === 'rejected').length;
  }
}
const gauge = new Gauge();
gauge.join(new Tower());
gauge.join(new Lamp());
gauge.measure(3);
