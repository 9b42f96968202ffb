export interface Member {
  readonly name: string;
  hear(from: string, text: string): void;
}

export interface Channel {
  join(member: Member): void;
  say(from: Member, text: string): void;
}

export abstract class Person implements Member {
  constructor(
    readonly name: string,
    protected readonly channel: Channel,
  ) {
    channel.join(this);
  }

  abstract hear(from: string, text: string): void;

  say(text: string): void {
    this.channel.say(this, text);
  }
}

export class Captain extends Person {
  private log: string[] = [];

  hear(from: string, text: string): void {
    this.log.push(`${from}: ${text}`);
  }
}

export class Agent extends Person {
  hear(from: string, text: string): void {
    if (text.includes("berth")) {
      this.say(`noted, ${from}`);
    }
  }
}

export class HarbourChannel implements Channel {
  private members = new Map<string, Member>();

  join(member: Member): void {
    this.members.set(member.name, member);
  }

  say(from: Member, text: string): void {
    for (const member of this.members.values()) {
      if (member !== from) {
        member.hear(from.name, text);
      }
    }
  }
}
