export class Board {
    constructor() {
        this.lines = []
        this.done = []
    }
    run(command) {
        command.execute()
        this.done.push(command)
    }
    undo() {
        const last = this.done.pop()
        if (last) {
            last.undo()
        }
    }
}
