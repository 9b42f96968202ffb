import { Account, guarded } from './account.js';

export class Bank {
  constructor() {
    this.accounts = new Map();
  }

  open(owner) {
    this.accounts.set(owner, new Account(owner));
  }

  access(owner, user) {
    return guarded(this.accounts.get(owner), user);
  }
}
