class Ships {
    private all = new Map<string, number>()
    enter(name: string, length: number): void {
        this.all.set(name, length)
    }
    length(name: string): number {
        return this.all.get(name) ?? 0
    }
}

export const registry = (() => {
    let only: Ships | undefined
    return {
        get(): Ships {
            if (!only) {
                only = new Ships()
            }
            return only
        },
    }
})()
