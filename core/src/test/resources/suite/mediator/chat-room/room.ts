export interface Room {
  join(member: Member): void;
  say(from: Member, text: string, to?: string): void;
}

export class Member {
  protected readonly heard: string[] = [];
  constructor(readonly name: string, protected readonly room: Room) {
    room.join(this);
  }
  say(text: string, to?: string): void {
    this.room.say(this, text, to);
  }
  hear(from: string, text: string): void {
    this.heard.push(`${from}: ${text}`);
  }
}

export class Pilot extends Member {
  hear(from: string, text: string): void {
    super.hear(from, text.toUpperCase());
  }
}

export class Captain extends Member {
  hear(from: string, text: string): void {
    if (from !== this.name) super.hear(from, text);
  }
}

export class RadioRoom implements Room {
  private readonly members = new Map<string, Member>();
  join(member: Member): void {
    this.members.set(member.name, member);
  }
  say(from: Member, text: string, to?: string): void {
    if (to) {
      this.members.get(to)?.hear(from.name, text);
      return;
    }
    for (const member of this.members.values()) {
      if (member !== from) member.hear(from.name, text);
    }
  }
}
