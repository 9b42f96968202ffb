class MailSender {
  constructor() {
    this.sent = [];
  }

  deliver(to, text) {
    this.sent.push(`mail ${to}: ${text}`);
  }
}

class PigeonSender {
  constructor(loft) {
    this.loft = loft;
  }

  deliver(to, text) {
    this.loft -= 1;
    return `${to} ${text.slice(0, 20)}`;
  }
}

module.exports = { MailSender, PigeonSender };
