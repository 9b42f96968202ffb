export class Account {
  constructor(owner) {
    this.owner = owner;
    this.cents = 0;
  }

  deposit(cents) {
    this.cents += cents;
  }

  withdraw(cents) {
    this.cents -= cents;
  }
}

export function guarded(account, user) {
  return new Proxy(account, {
    get(target, name, receiver) {
      if (name === 'withdraw' && user !== target.owner) {
        throw new Error('not yours');
      }
      return Reflect.get(target, name, receiver);
    },
  });
}
