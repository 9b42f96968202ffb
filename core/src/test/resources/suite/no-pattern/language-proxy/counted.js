class Archive {
  constructor() {
    this.rows = ['a', 'b'];
  }
  find(i) {
    return this.rows[i];
  }
  size() {
    return this.rows.length;
  }
}

function counted(archive) {
  const counts = {};
  return new Proxy(archive, {
    get(target, name) {
      counts[name] = (counts[name] || 0) + 1;
      const value = target[name];
      return typeof value === 'function' ? value.bind(target) : value;
    },
  });
}

const archive = counted(new Archive());
console.log(archive.find(1), archive.size());
