export interface Tariff {
    price(metres: number): number
}

class Berth implements Tariff {
    price(metres: number): number {
        return metres * 3
    }
}

class Buoy implements Tariff {
    price(metres: number): number {
        return 10 + metres
    }
}

export const tariffs: Record<string, Tariff> = {
    berth: new Berth(),
    buoy: new Buoy(),
}
