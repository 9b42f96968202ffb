'use strict';

class Emitter {
  constructor() {
    this._handlers = {};
  }

  on(event, handler) {
    (this._handlers[event] = this._handlers[event] || []).push(handler);
    return this;
  }

  off(event, handler) {
    const list = this._handlers[event];
    if (!list) return;
    list.splice(list.indexOf(handler), 1);
  }

  emit(event, ...args) {
    (this._handlers[event] || []).forEach((handler) => handler(...args));
  }
}

class Lighthouse extends Emitter {
  light() {
    this.lit = true;
    this.emit('lit', this);
  }
}

const lighthouse = new Lighthouse();
lighthouse.on('lit', () => console.log('lit'));
lighthouse.light();
module.exports = { Emitter, Lighthouse };
