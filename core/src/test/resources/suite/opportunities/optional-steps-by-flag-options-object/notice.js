export class NoticeWriter {
  constructor(options) {
    this.withDate = options.withDate;
    this.withSeal = options.withSeal;
    this.inCapitals = options.inCapitals;
  }

  write(text) {
    let out = text;
    if (this.inCapitals) {
      out = out.toUpperCase();
    }
    if (this.withDate) {
      out = new Date().toISOString() + " " + out;
    }
    if (this.withSeal) {
      out += " [port authority]";
    }
    return out;
  }
}

const writer = new NoticeWriter({ withDate: false, withSeal: true, inCapitals: true });
console.log(writer.write("fog"));
