class Text {
  write() {
    return 'plain';
  }
}

class Layer extends Text {
  constructor(text) {
    super();
    this.text = text;
  }

  write() {
    return this.text.write();
  }
}

class Bold extends Layer {
  write() {
    return `bold(${super.write()})`;
  }
}

class Small extends Layer {
  write() {
    return `small(${super.write()})`;
  }
}

function client(text) {
  console.log(text.write());
}

client(new Small(new Bold(new Text())));
