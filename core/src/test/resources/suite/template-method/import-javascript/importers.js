class Importer {
  import(file) {
    const text = this.read(file);
    const rows = this.parse(text);
    this.check(rows);
    return rows.length;
  }

  read(file) {
    return file.content;
  }

  parse(text) {
    throw new Error('parse must be supplied');
  }

  check(rows) {}
}

class LineImporter extends Importer {
  parse(text) {
    return text.split('\n');
  }
}

class JsonImporter extends Importer {
  parse(text) {
    return JSON.parse(text);
  }

  check(rows) {
    if (!Array.isArray(rows)) {
      throw new TypeError('not a list');
    }
  }
}

module.exports = { LineImporter, JsonImporter };
