export class Icon {
  constructor(readonly name: string) {}
  draw(): string { return this.name; }
}
export class Icons {
  private icons = new Map<string, Icon>();
  icon(name: string): Icon {
    let icon = this.icons.get(name);
    if (!icon) {
      icon = new Icon(name);
      this.icons.set(name, icon);
    }
    return icon;
  }
}
export class Chart {
  mark(icons: Icons): string { return icons.icon("buoy").draw(); }
}
