export const insertText = (page, at, text) => ({
  execute: () => page.insert(at, text),
  undo: () => page.remove(at, text.length),
});

export const removeText = (page, at, length) => {
  let removed = '';
  return {
    execute() {
      removed = page.slice(at, length);
      page.remove(at, length);
    },
    undo() {
      page.insert(at, removed);
    },
  };
};
