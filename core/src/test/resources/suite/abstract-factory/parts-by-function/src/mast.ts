import { Kit, dayKit, nightKit } from "./kits"

export class Mast {
    private shown: string[] = []
    constructor(private readonly kit: Kit) {}
    greet(): void {
        this.shown.push(this.kit.flag().colour(), this.kit.horn().sound())
    }
    text(): string {
        return this.shown.join(" ")
    }
}

new Mast(dayKit).greet()
new Mast(nightKit).greet()
