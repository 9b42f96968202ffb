export interface Tides {
    next(place: string): Promise<number>
}

export class FarTides implements Tides {
    constructor(private readonly address: string) {}
    async next(place: string): Promise<number> {
        const answer = await fetch(`${this.address}/tides/${encodeURIComponent(place)}`)
        const body = await answer.json()
        return body.metres
    }
}

export class TableTides implements Tides {
    constructor(private readonly table: Map<string, number>) {}
    async next(place: string): Promise<number> {
        return this.table.get(place) ?? 0
    }
}

export async function plan(tides: Tides): Promise<string> {
    return "at " + (await tides.next("west"))
}

plan(new FarTides("http://tides.aldera"))
plan(new TableTides(new Map()))
