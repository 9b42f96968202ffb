export class Mailer {
  send(text: string, signed: boolean, urgent: boolean, copied: boolean): string {
    let out = text;
    if (signed) out += " signed";
    if (urgent) out = "! " + out;
    if (copied) out += " cc";
    return out;
  }
}
