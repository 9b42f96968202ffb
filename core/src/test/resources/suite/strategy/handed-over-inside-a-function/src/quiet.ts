let depth = 0

export function quietly(work: () => void): void {
    const before = depth
    work()
    depth = before
}
