export interface Label {
    clone(): Label
    text(): string
}

export class CrateLabel implements Label {
    constructor(private readonly words: string, private readonly colour: string) {}
    clone(): Label {
        return new CrateLabel(this.words, this.colour)
    }
    text(): string {
        return this.colour + " " + this.words
    }
}

export class BarrelLabel implements Label {
    private marks: string[] = []
    mark(text: string): void {
        this.marks.push(text)
    }
    clone(): Label {
        const other = new BarrelLabel()
        other.marks = this.marks.slice()
        return other
    }
    text(): string {
        return this.marks.join("/")
    }
}
