export class Spot {
    constructor(public readonly x: number, public readonly y: number) {}
}

export class Panel {
    private title = ""
    private lines: string[] = []
    private left = 12
    private top = 40

    show(title: string): void {
        this.title = title
    }

    write(line: string): void {
        this.lines.push(line)
    }

    draw(): void {
        console.log(this.title, this.lines)
    }

    anchor(): Spot {
        return new Spot(this.left, this.top)
    }
}

export function berthPanel(): void {
    const panel = new Panel()
    panel.show("Berth 4")
    panel.write("free until noon")
    panel.draw()
    const spot = panel.anchor()
    console.log(spot.x, spot.y)
}
