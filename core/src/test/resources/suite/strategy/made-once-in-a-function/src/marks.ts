export interface Mark {
    seen(what: string): void
    changed(what: string): void
}

export class PlainMark implements Mark {
    readonly log: string[] = []

    seen(what: string): void {
        this.log.push("seen " + what)
    }

    changed(what: string): void {
        this.log.push("changed " + what)
    }
}

export class LoudMark implements Mark {
    count = 0

    seen(what: string): void {
        this.count = this.count + what.length
    }

    changed(what: string): void {
        console.log(what)
    }
}

export function makeMark(name: string): Mark {
    return name.length > 3 ? new LoudMark() : new PlainMark()
}
