import { Archive, LateArchive } from "./archive"

export class Desk {
    constructor(private readonly archive: Archive) {}
    answer(ship: string): string {
        return this.archive.find(ship).join("; ") + " of " + this.archive.size()
    }
}

export const desk = new Desk(new LateArchive("/cellar/cards"))
