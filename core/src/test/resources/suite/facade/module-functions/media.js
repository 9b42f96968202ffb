class Reader {
  read(name) {
    return `raw ${name}`;
  }
}

class Codec {
  decode(raw) {
    return raw.toUpperCase();
  }
}

class Mixer {
  mix(sound) {
    return `[${sound}]`;
  }
}

const reader = new Reader();
const codec = new Codec();
const mixer = new Mixer();

export function play(name) {
  return mixer.mix(codec.decode(reader.read(name)));
}

export function preview(name) {
  return codec.decode(reader.read(name)).slice(0, 4);
}
