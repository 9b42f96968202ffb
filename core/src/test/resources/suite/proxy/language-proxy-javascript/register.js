class ShipRegister {
  constructor() {
    this.ships = new Map();
  }

  find(name) {
    return this.ships.get(name);
  }

  remove(name) {
    this.ships.delete(name);
  }
}

export function guarded(register, user) {
  return new Proxy(register, {
    get(target, name) {
      if (name === 'remove' && !user.mayRemove) {
        throw new Error(`${user.name} may not remove ships`);
      }
      return Reflect.get(target, name);
    },
  });
}

export const register = new ShipRegister();
