import { quietly } from "./quiet"

export interface Tariff {
    due(length: number): number
}

export class ByLength implements Tariff {
    due(length: number): number {
        return length * 12
    }
}

export class ByNight implements Tariff {
    due(length: number): number {
        return length > 100 ? 900 : 400
    }
}

export class DuesOffice {
    private tariff!: Tariff

    constructor(tariff: Tariff) {
        quietly(() => {
            this.tariff = tariff
        })
    }

    bill(length: number): string {
        return "due " + this.tariff.due(length)
    }
}

export function open(): string {
    return new DuesOffice(new ByLength()).bill(80) + new DuesOffice(new ByNight()).bill(120)
}
