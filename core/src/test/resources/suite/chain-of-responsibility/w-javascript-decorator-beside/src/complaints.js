class Desk {
  constructor() {
    this.nextDecorator = null;
  }

  then(desk) {
    this.nextDecorator = desk;
    return desk;
  }

  hear(complaint) {
    if (this.nextDecorator) {
      return this.nextDecorator.hear(complaint);
    }
    return "we are sorry";
  }
}

export class TicketDesk extends Desk {
  hear(complaint) {
    if (complaint.about === "ticket") {
      return "here is your money";
    }
    return super.hear(complaint);
  }
}

export class LostDesk extends Desk {
  hear(complaint) {
    if (complaint.about === "lost" && complaint.days < 30) {
      return "look on that shelf";
    }
    return super.hear(complaint);
  }
}

export class Director extends Desk {
  hear(complaint) {
    if (complaint.days > 100) {
      return "come to my office";
    }
    return super.hear(complaint);
  }
}
