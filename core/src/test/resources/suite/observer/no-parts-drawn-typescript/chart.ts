interface Mark {
  draw(sheet: Sheet): void;
}

class Sheet {
  private lines: string[] = [];

  line(text: string) {
    this.lines.push(text);
  }
}

class Buoy implements Mark {
  constructor(private readonly x: number) {}

  draw(sheet: Sheet) {
    sheet.line('o at ' + this.x);
  }
}

class Chart {
  private marks: Mark[] = [];

  add(mark: Mark) {
    this.marks.push(mark);
  }

  print(sheet: Sheet) {
    this.marks.forEach(mark => mark.draw(sheet));
  }
}

const chart = new Chart();
chart.add(new Buoy(3));
chart.print(new Sheet());
