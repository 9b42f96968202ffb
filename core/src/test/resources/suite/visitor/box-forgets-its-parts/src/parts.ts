export interface PartVisitor {
    seePlank(plank: Plank): void
    seeRaft(raft: Raft): void
}

export interface Part {
    accept(visitor: PartVisitor): void
}

export class Plank implements Part {
    constructor(readonly metres: number) {}
    accept(visitor: PartVisitor): void {
        visitor.seePlank(this)
    }
}

export class Raft implements Part {
    private readonly parts: Part[] = []
    add(part: Part): this {
        this.parts.push(part)
        return this
    }
    accept(visitor: PartVisitor): void {
        visitor.seeRaft(this)
    }
}
