import { Board } from "./board"
import { Panel } from "./panel"

export class Hall {
    private readonly board = new Board()

    open(): number {
        const arrivals = new Panel(this.board, "arrivals")
        arrivals.write("ferry at nine")
        return this.board.count()
    }
}
