export interface Store {
  save(name: string): void;
}

export interface Mail {
  send(text: string): void;
}

export class MemoryStore implements Store {
  private readonly names: string[] = [];
  save(name: string): void {
    this.names.push(name);
  }
}

export class LoudMail implements Mail {
  private sent = 0;
  send(text: string): void {
    this.sent += text.length;
  }
}

export class Service {
  constructor(private readonly store: Store, private readonly mail: Mail) {}
  book(name: string): void {
    this.store.save(name);
    this.mail.send(`${name} is booked`);
  }
}

export class Controller {
  constructor(private readonly service: Service) {}
  post(name: string): void {
    this.service.book(name);
  }
}

new Controller(new Service(new MemoryStore(), new LoudMail())).post('Rosa');
