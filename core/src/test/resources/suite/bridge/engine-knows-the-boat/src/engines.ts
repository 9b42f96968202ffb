import { Boat } from "./boats"

export interface Engine {
    turn(power: number): number
    halt(): void
    fit(boat: Boat): boolean
}

export class Diesel implements Engine {
    private burning = false
    turn(power: number): number {
        this.burning = power > 0
        return power * 3
    }
    halt(): void {
        this.burning = false
    }
    fit(boat: Boat): boolean {
        return boat.length() > 8
    }
}

export class Electric implements Engine {
    private charge = 100
    turn(power: number): number {
        this.charge -= power
        return power * 2
    }
    halt(): void {
        this.charge += 1
    }
    fit(boat: Boat): boolean {
        return boat.length() < 20
    }
}
