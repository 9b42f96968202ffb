export type Order = (a: string, b: string) => number

export class Rota {
    private names: string[] = []
    constructor(private order: Order) {}
    enter(name: string): void {
        this.names.push(name)
    }
    reorder(order: Order): void {
        this.order = order
    }
    watches(): string[] {
        return this.names.slice().sort(this.order)
    }
}

export const byName: Order = (a, b) => a.localeCompare(b)
export const byLength: Order = (a, b) => a.length - b.length

const rota = new Rota(byName)
rota.enter("Ines")
rota.reorder(byLength)
console.log(rota.watches())
