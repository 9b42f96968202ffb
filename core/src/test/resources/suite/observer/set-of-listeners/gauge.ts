export type Listener = (level: number) => void

export function createGauge() {
    let level = 0
    const listeners = new Set<Listener>()
    return {
        subscribe(listener: Listener): () => void {
            listeners.add(listener)
            return () => listeners.delete(listener)
        },
        rise(by: number): void {
            level += by
            for (const listener of [...listeners]) {
                listener(level)
            }
        },
        get level() {
            return level
        },
    }
}
