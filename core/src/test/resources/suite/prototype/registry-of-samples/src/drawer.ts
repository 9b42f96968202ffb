import { Label } from "./labels"

export class Drawer {
    private readonly samples = new Map<string, Label>()

    put(name: string, label: Label): void {
        this.samples.set(name, label)
    }

    take(name: string): Label {
        const sample = this.samples.get(name)
        if (sample === undefined) {
            throw new Error("no label " + name)
        }
        return sample.clone()
    }
}
