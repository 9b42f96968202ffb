import { Board } from "./board"

export class Panel {
    private lines: string[] = []

    constructor(private readonly board: Board, private readonly title: string) {
        this.board.place(this)
        setInterval(() => this.clear(), 60000)
    }

    write(line: string): void {
        this.lines.push(this.title + ": " + line)
    }

    clear(): void {
        this.lines = []
    }
}
