import { Crate, Plank } from "./parts.js"

class Weigher {
    sum = 0
    visit(part) { this.sum += part.weight }
}

class Counter {
    parts = 0
    visit(part) { this.parts++ }
}

const crate = new Crate(2, [new Plank(3), new Crate(1, [])])
const weigher = new Weigher()
crate.accept(weigher)
crate.accept(new Counter())
console.log(weigher.sum)
