import { Part, PartVisitor, Plank, Raft } from "./parts"

export class Measure implements PartVisitor {
    total = 0
    seePlank(plank: Plank): void {
        this.total += plank.metres
    }
    seeRaft(raft: Raft): void {
        this.total += 1
    }
}

export function measure(part: Part): number {
    const visitor = new Measure()
    part.accept(visitor)
    return visitor.total
}

measure(new Raft().add(new Plank(3)).add(new Plank(4)))
