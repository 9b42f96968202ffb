class Sprite {
  constructor(sheet, frame) {
    this.sheet = sheet;
    this.frame = frame;
    Object.freeze(this);
  }

  draw(context, x, y) {
    context.drawImage(this.sheet, this.frame * 16, 0, 16, 16, x, y, 16, 16);
  }
}

export class SpriteSheet {
  #sprites = {};

  constructor(image) {
    this.image = image;
  }

  frame(number) {
    if (!(number in this.#sprites)) {
      this.#sprites[number] = new Sprite(this.image, number);
    }
    return this.#sprites[number];
  }
}
