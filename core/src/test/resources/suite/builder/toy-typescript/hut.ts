interface Builder {
  produceWalls(): void;
  produceRoof(): void;
}

class WoodBuilder implements Builder {
  private hut: Hut;

  constructor() {
    this.reset();
  }

  public reset(): void {
    this.hut = new Hut();
  }

  public produceWalls(): void {
    this.hut.parts.push('walls');
  }

  public produceRoof(): void {
    this.hut.parts.push('roof');
  }

  public getHut(): Hut {
    const result = this.hut;
    this.reset();
    return result;
  }
}

class Hut {
  public parts: string[] = [];

  public list(): void {
    console.log(this.parts.join(', '));
  }
}

class Foreman {
  private builder: Builder;

  public setBuilder(builder: Builder): void {
    this.builder = builder;
  }

  public shelter(): void {
    this.builder.produceWalls();
  }

  public house(): void {
    this.builder.produceWalls();
    this.builder.produceRoof();
  }
}

function client(foreman: Foreman) {
  const builder = new WoodBuilder();
  foreman.setBuilder(builder);
  foreman.house();
  builder.getHut().list();
}

client(new Foreman());
