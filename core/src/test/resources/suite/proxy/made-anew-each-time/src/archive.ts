export interface Archive {
    find(ship: string): string[]
    size(): number
}

export class PaperArchive implements Archive {
    private readonly cards: string[]
    constructor(path: string) {
        this.cards = path.split("/")
    }
    find(ship: string): string[] {
        return this.cards.filter(card => card.includes(ship))
    }
    size(): number {
        return this.cards.length
    }
}

export class LateArchive implements Archive {
    constructor(private readonly path: string) {}
    find(ship: string): string[] {
        return new PaperArchive(this.path).find(ship)
    }
    size(): number {
        return new PaperArchive(this.path).size()
    }
}
