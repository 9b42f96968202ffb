export interface Boat {
  launch(text: string): string[];
}

class Tug implements Boat {
  launch(text: string): string[] {
    return text.split(",");
  }
}

class Ferry implements Boat {
  launch(text: string): string[] {
    return text.split("\n");
  }
}

type Maker = () => Boat;

const makers = new Map<string, Maker>([
  ["tug", () => new Tug()],
  ["ferry", () => new Ferry()],
]);

export function boatFor(file: string): Boat {
  const maker = makers.get(file.split(".").pop() ?? "");
  if (!maker) {
    throw new Error(`cannot launch ${file}`);
  }
  return maker();
}
