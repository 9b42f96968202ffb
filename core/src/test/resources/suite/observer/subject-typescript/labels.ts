import { Scale } from './scale';

export class LabelPrinter {
  private printed: string[] = [];
  constructor(scale: Scale) {
    scale.weights.subscribe((grams) => this.printed.push(`${grams} g`));
  }
}

export class OverloadLamp {
  private lit = false;
  watch(scale: Scale): void {
    scale.weights.subscribe((grams) => {
      this.lit = grams > 5000;
    });
  }
}
