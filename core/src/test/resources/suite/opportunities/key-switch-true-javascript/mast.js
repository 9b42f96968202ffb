class Signal {
  show() { throw new Error('a kind of signal shows itself'); }
}

class Lamp extends Signal {
  show() { return 1; }
}

class Flag extends Signal {
  show() { return 2; }
}

class Mast {
  raise(order) {
    let signal;
    switch (true) {
      case order === 'night':
        signal = new Lamp();
        break;
      case order.startsWith('day'):
        signal = new Flag();
        break;
      default:
        throw new Error(order);
    }
    return signal.show() + 1;
  }
}
