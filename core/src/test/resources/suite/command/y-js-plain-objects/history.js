export class History {
  #done = [];
  #undone = [];

  run(command) {
    command.execute();
    this.#done.push(command);
    this.#undone.length = 0;
  }

  undo() {
    const command = this.#done.pop();
    if (!command) return false;
    command.undo();
    this.#undone.push(command);
    return true;
  }

  redo() {
    const command = this.#undone.pop();
    if (command) this.run(command);
  }
}
