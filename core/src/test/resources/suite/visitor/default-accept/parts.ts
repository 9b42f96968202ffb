export interface PartVisitor<R> {
    plank(plank: Plank): R
    rope(rope: Rope): R
}

export abstract class Part {
    protected abstract readonly kind: "plank" | "rope"
    accept<R>(visitor: PartVisitor<R>): R {
        return this.kind === "plank"
            ? visitor.plank(this as unknown as Plank)
            : visitor.rope(this as unknown as Rope)
    }
}

export class Plank extends Part {
    protected readonly kind = "plank"
    constructor(readonly metres: number) { super() }
}

export class Rope extends Part {
    protected readonly kind = "rope"
    constructor(readonly strands: number) { super() }
}

export class Price implements PartVisitor<number> {
    plank(plank: Plank): number { return plank.metres * 4 }
    rope(rope: Rope): number { return rope.strands }
}

export class Name implements PartVisitor<string> {
    plank(): string { return "plank" }
    rope(): string { return "rope" }
}

const parts: Part[] = [new Plank(2), new Rope(3)]
parts.map(part => part.accept(new Price()))
parts.map(part => part.accept(new Name()))
