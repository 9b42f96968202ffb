import { flatSkin, roundSkin } from './skins.js';

export class Form {
  constructor(skin) {
    this.skin = skin;
  }

  draw() {
    const field = this.skin.createField();
    const button = this.skin.createButton();
    return field.render() + button.render();
  }
}

export const day = new Form(flatSkin);
export const night = new Form(roundSkin);
