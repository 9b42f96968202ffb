export class Console {
  #commands = new Map();
  #history = [];

  register(name, command) {
    this.#commands.set(name, command);
  }

  run(name) {
    const command = this.#commands.get(name);
    command.execute();
    this.#history.push(command);
  }

  undo() {
    this.#history.pop()?.undo();
  }
}
