import { TicketCounter } from "./counter.js"

export class FerryDesk {
    constructor() {
        this.counter = new TicketCounter("A")
        this.sold = []
    }

    sell(name) {
        this.sold.push(name + " " + this.counter.take())
    }
}
