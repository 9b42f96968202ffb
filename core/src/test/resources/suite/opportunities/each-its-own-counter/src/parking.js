import { TicketCounter } from "./counter.js"

export class ParkingDesk {
    constructor() {
        this.counter = new TicketCounter("A")
    }

    enter() {
        return this.counter.take()
    }
}
