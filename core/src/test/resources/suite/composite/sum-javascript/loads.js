class Sack {
    constructor(name, weight) {
        this.name = name
        this.weight = weight
    }
    tons() { return this.weight }
    label() { return this.name }
}

class Pallet {
    constructor(...loads) {
        this.loads = loads
    }
    tons() { return this.loads.reduce((sum, load) => sum + load.tons(), 0) }
    label() { return this.loads.map(load => load.label()).join(", ") }
}

const pallet = new Pallet(new Sack("coal", 3), new Pallet(new Sack("salt", 2)))
console.log(pallet.tons(), pallet.label())
