export class Filter {
  constructor(next) {
    this.next = next;
  }

  check(text) {
    return this.next ? this.next.check(text) : true;
  }
}

export class LengthFilter extends Filter {
  check(text) {
    if (text.length > 80) return false;
    return super.check(text);
  }
}

export class WordFilter extends Filter {
  constructor(words, next) {
    super(next);
    this.words = words;
  }

  check(text) {
    if (this.words.some((w) => text.includes(w))) return false;
    return super.check(text);
  }
}
