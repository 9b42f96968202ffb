class Notice {
  constructor(sender) {
    this.sender = sender;
  }

  send(to) {
    this.sender.deliver(to, this.text());
  }

  text() {
    return 'notice';
  }
}

class Warning extends Notice {
  text() {
    return 'high water tonight';
  }
}

class Invitation extends Notice {
  constructor(sender, what) {
    super(sender);
    this.what = what;
  }

  text() {
    return `please come to ${this.what}`;
  }
}

module.exports = { Warning, Invitation };
