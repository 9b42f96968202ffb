import { Mark, makeMark } from "./marks"
import { quietly } from "./tracking"

export class BerthSet {
    private mark!: Mark
    private readonly names: string[] = []

    constructor(private readonly label: string) {
        quietly(() => {
            this.mark = makeMark(this.label)
        })
    }

    add(name: string): void {
        this.names.push(name)
        this.mark.changed(name)
    }

    has(name: string): boolean {
        this.mark.seen(name)
        return this.names.includes(name)
    }
}
