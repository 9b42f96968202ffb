export class Tug {
    tow(ship) { throw new Error("to be given by the kind of tug") }
}

export class HarbourTug extends Tug {
    tow(ship) { return ship + " slowly" }
}

export class SeaTug extends Tug {
    tow(ship) { return ship + " far" }
}
