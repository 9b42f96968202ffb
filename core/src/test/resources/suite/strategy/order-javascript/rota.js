export class Rota {
    constructor(order) {
        this.order = order
        this.names = []
    }
    enter(name) {
        this.names.push(name)
    }
    watches() {
        return [...this.names].sort(this.order)
    }
}
