'use strict';

class Reorder {
  constructor(inventory, mailer) {
    this.mailer = mailer;
    this.onShort = this.onShort.bind(this);
    inventory.on('short', this.onShort);
  }
  onShort(item, missing) {
    this.mailer.send('chandler@port.example', `${missing} x ${item}`);
  }
}

module.exports = { Reorder };
