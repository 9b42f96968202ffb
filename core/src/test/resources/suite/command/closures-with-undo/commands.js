export function writing(board, text) {
    return {
        execute() {
            board.lines.push(text)
        },
        undo() {
            board.lines.pop()
        },
    }
}

export function wiping(board) {
    let before = []
    return {
        execute() {
            before = board.lines
            board.lines = []
        },
        undo() {
            board.lines = before
        },
    }
}
