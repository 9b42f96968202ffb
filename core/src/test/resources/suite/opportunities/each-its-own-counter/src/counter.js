export class TicketCounter {
    #next = 1

    constructor(prefix) {
        this.prefix = prefix
    }

    take() {
        return this.prefix + this.#next++
    }
}
