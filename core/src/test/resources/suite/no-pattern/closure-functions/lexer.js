class Lexer {
  constructor(text) {
    this.text = text;
    this.at = 0;
    this.tokens = [];
    this.state = this.inSpace;
  }

  run() {
    while (this.at < this.text.length) {
      this.state();
    }
    return this.tokens;
  }

  inSpace() {
    if (this.text[this.at] === ' ') {
      this.at += 1;
    } else {
      this.state = this.inWord;
    }
  }

  inWord() {
    const end = this.text.indexOf(' ', this.at);
    const to = end < 0 ? this.text.length : end;
    this.tokens.push(this.text.slice(this.at, to));
    this.at = to;
    this.state = this.inSpace;
  }
}

console.log(new Lexer('in at dawn').run());
