import { brass, glass, type Panel } from './theme';

export class Bridge {
  constructor(private readonly panel: Panel) {}
  fit(): string {
    this.panel.dial(10).turn(3);
    return this.panel.button('Stop').draw();
  }
}

new Bridge(process.env.OLD ? brass : glass).fit();
