export function createHistory() {
  const done = [];
  let position = 0;

  return {
    run(command) {
      command.execute();
      done.length = position;
      done.push(command);
      position++;
    },
    undo() {
      if (position > 0) {
        position--;
        done[position].undo();
      }
    },
    redo() {
      if (position < done.length) {
        done[position].execute();
        position++;
      }
    },
  };
}
