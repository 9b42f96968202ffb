export abstract class Animal {
  constructor(readonly name: string) {}
}

export class Cow extends Animal {
  milk = 20;
}

export class Hen extends Animal {
  eggs = 1;
}
