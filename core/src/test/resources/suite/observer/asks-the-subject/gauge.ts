export interface Watcher {
    changed(gauge: Gauge): void
}

export class Gauge {
    private readonly watchers = new Set<Watcher>()
    private metres = 0

    watch(watcher: Watcher): void { this.watchers.add(watcher) }
    leave(watcher: Watcher): void { this.watchers.delete(watcher) }
    level(): number { return this.metres }
    rise(by: number): void {
        this.metres += by
        this.watchers.forEach(watcher => watcher.changed(this))
    }
}

export class Siren implements Watcher {
    loud = false
    changed(gauge: Gauge): void { this.loud = gauge.level() > 4 }
}

export class TideLog implements Watcher {
    private lines: number[] = []
    changed(gauge: Gauge): void { this.lines.push(gauge.level()) }
}

const gauge = new Gauge()
gauge.watch(new Siren())
gauge.watch(new TideLog())
gauge.rise(2)
