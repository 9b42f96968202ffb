import { Panel } from "./panel"

export class Board {
    private readonly panels: Panel[] = []

    place(panel: Panel): void {
        this.panels.push(panel)
    }

    count(): number {
        return this.panels.length
    }
}
