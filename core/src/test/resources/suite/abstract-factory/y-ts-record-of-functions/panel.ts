import type { Label, Slider, Widgets } from "./widgets";

export class Panel {
  private readonly volume: Slider;
  private readonly title: Label;

  constructor(widgets: Widgets) {
    this.volume = widgets.slider();
    this.title = widgets.label();
  }

  draw(): string {
    return this.title.show("volume") + this.volume.slide(7);
  }
}
