import { registry } from "./registry"

export function book(name: string): number {
    registry.get().enter(name, 90)
    return registry.get().length(name)
}
