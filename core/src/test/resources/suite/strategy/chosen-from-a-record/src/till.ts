import { Tariff, tariffs } from "./tariffs"

export class Till {
    private taken = 0
    constructor(private tariff: Tariff) {}

    change(tariff: Tariff): void {
        this.tariff = tariff
    }

    charge(metres: number): number {
        const sum = this.tariff.price(metres)
        this.taken += sum
        return sum
    }
}

const till = new Till(tariffs["berth"])
till.charge(12)
till.change(tariffs["buoy"])
till.charge(9)
