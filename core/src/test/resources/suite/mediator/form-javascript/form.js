class Form {
  constructor() {
    this.country = new CountryBox(this);
    this.postcode = new PostcodeBox(this);
    this.send = new SendButton(this);
  }

  notify(sender, what) {
    if (sender === this.country) {
      this.postcode.usePattern(what === 'NL' ? /^\d{4}[A-Z]{2}$/ : /^\d{5}$/);
      this.send.disable();
    } else if (sender === this.postcode) {
      this.send.enable();
    } else {
      this.postcode.clear();
    }
  }
}

class Box {
  constructor(form) {
    this.form = form;
  }
}

class CountryBox extends Box {
  choose(country) {
    this.value = country;
    this.form.notify(this, country);
  }
}

class PostcodeBox extends Box {
  usePattern(pattern) {
    this.pattern = pattern;
  }

  type(text) {
    this.value = text;
    if (this.pattern.test(text)) {
      this.form.notify(this, text);
    }
  }

  clear() {
    this.value = '';
  }
}

class SendButton extends Box {
  enable() {
    this.on = true;
  }

  disable() {
    this.on = false;
  }

  press() {
    if (this.on) {
      this.form.notify(this, 'sent');
    }
  }
}

module.exports = { Form };
