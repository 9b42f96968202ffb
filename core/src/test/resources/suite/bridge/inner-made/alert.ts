export interface Channel { push(text: string): void }
export class MailChannel implements Channel { private sent: string[] = []; push(text: string) { this.sent.push(text); } }
export class HornChannel implements Channel { private blasts = 0; push(text: string) { this.blasts += text.length; } }
export abstract class Alert {
  protected channel: Channel;
  constructor(channel: Channel) { this.channel = channel; }
  raise(): void { this.channel.push(this.text()); }
  protected abstract text(): string;
}
export class FireAlert extends Alert { constructor() { super(new HornChannel()); } protected text() { return 'fire'; } }
export class FloodAlert extends Alert { constructor(channel: Channel, private quay: string) { super(channel); } protected text() { return `flood at ${this.quay}`; } }
export function drill() { new FireAlert().raise(); new FloodAlert(new MailChannel(), 'A').raise(); }
