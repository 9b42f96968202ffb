import { Registry } from "./registry"

export class Desk {
    book(name: string): number {
        Registry.instance.enter(name, 90)
        return Registry.instance.length(name)
    }
}
