export class Ledger {
    #sums = []
    enter(metres, rate) {
        const sum = rate(metres)
        this.#sums.push(sum)
        return sum
    }
    largest(by) {
        return this.#sums.toSorted(by).at(-1)
    }
}
