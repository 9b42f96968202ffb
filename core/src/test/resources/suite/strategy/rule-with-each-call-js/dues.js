export class FerryRate {
    of(metres) { return metres * 2 }
}

export class YachtRate {
    of(metres) { return metres * 7 + 10 }
}

export class Ledger {
    #sums = []
    enter(metres, rate) {
        const sum = rate.of(metres)
        this.#sums.push(sum)
        return sum
    }
}
