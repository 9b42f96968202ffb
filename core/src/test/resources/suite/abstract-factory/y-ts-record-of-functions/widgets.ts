export interface Slider { slide(to: number): string }
export interface Label { show(text: string): string }

class RoundSlider implements Slider { slide(to: number) { return `(${to})`; } }
class FlatSlider implements Slider { slide(to: number) { return `[${to}]`; } }
class BigLabel implements Label { show(text: string) { return text.toUpperCase(); } }
class PlainLabel implements Label { show(text: string) { return text; } }

export interface Widgets {
  slider(): Slider;
  label(): Label;
}

export const roundWidgets: Widgets = {
  slider: () => new RoundSlider(),
  label: () => new BigLabel(),
};

export const flatWidgets: Widgets = {
  slider: () => new FlatSlider(),
  label: () => new PlainLabel(),
};
