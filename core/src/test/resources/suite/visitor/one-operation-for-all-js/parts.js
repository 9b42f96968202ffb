export class Plank {
    constructor(weight) { this.weight = weight }
    accept(visitor) { visitor.visit(this) }
}

export class Crate {
    constructor(weight, inside) {
        this.weight = weight
        this.inside = inside
    }
    accept(visitor) {
        visitor.visit(this)
        this.inside.forEach(part => part.accept(visitor))
    }
}
