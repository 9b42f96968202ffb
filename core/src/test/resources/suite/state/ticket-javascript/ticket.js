class Open {
  constructor(ticket) {
    this.ticket = ticket;
  }

  assign(who) {
    this.ticket.owner = who;
    this.ticket.to(new Assigned(this.ticket));
  }

  close() {
    throw new Error('nobody has it');
  }
}

class Assigned {
  constructor(ticket) {
    this.ticket = ticket;
  }

  assign(who) {
    this.ticket.owner = who;
  }

  close() {
    this.ticket.to(new Closed());
  }
}

class Closed {
  assign() {
    throw new Error('closed');
  }

  close() {}
}

class Ticket {
  constructor() {
    this.owner = null;
    this.state = new Open(this);
  }

  to(state) {
    this.state = state;
  }

  assign(who) {
    this.state.assign(who);
  }

  close() {
    this.state.close();
  }
}

module.exports = { Ticket };
