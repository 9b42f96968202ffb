import { HarbourTug, SeaTug } from "./tugs.js"

export class Towing {
    /**
     * @param {HarbourTug} near
     * @param {SeaTug} far
     */
    constructor(near, far) {
        this.near = near
        this.far = far
    }

    job(ship, miles) {
        return miles > 3 ? this.far.tow(ship) : this.near.tow(ship)
    }
}
