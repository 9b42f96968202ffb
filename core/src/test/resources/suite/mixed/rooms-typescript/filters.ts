import { Channel, Member } from "./room";

export abstract class ChannelLayer implements Channel {
  constructor(protected readonly next: Channel) {}

  join(member: Member): void {
    this.next.join(member);
  }

  say(from: Member, text: string): void {
    this.next.say(from, text);
  }
}

export class Polite extends ChannelLayer {
  say(from: Member, text: string): void {
    super.say(from, text.replace(/damn/g, "..."));
  }
}

export class Numbered extends ChannelLayer {
  private count = 0;

  say(from: Member, text: string): void {
    this.count++;
    super.say(from, `${this.count}. ${text}`);
  }
}
