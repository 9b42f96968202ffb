class Account {
  constructor(cents) {
    this.cents = cents;
  }

  withdraw(cents) {
    this.cents -= cents;
  }
}

export function guarded(account, user) {
  return new Proxy(account, {
    get(target, name, receiver) {
      if (name === 'withdraw' && !user.trusted) {
        throw new Error('not you');
      }
      return Reflect.get(target, name, receiver);
    },
  });
}

guarded(new Account(5), { trusted: true }).withdraw(2);
