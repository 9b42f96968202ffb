export class Registry {
    static readonly instance = new Registry()
    private ships = new Map<string, number>()

    private constructor() {}

    enter(name: string, length: number): void {
        this.ships.set(name, length)
    }
    length(name: string): number {
        return this.ships.get(name) ?? 0
    }
}
