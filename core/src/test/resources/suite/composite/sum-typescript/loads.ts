export interface Load {
    tons(): number
    label(): string
}

export class Sack implements Load {
    constructor(private readonly name: string, private readonly weight: number) {}
    tons() { return this.weight }
    label() { return this.name }
}

export class Pallet implements Load {
    private readonly loads: Load[] = []
    put(...loads: Load[]): this {
        this.loads.push(...loads)
        return this
    }
    tons() { return this.loads.reduce((sum, load) => sum + load.tons(), 0) }
    label() { return this.loads.map(load => load.label()).join(", ") }
}

console.log(new Pallet().put(new Sack("coal", 3), new Pallet().put(new Sack("salt", 2))).tons())
