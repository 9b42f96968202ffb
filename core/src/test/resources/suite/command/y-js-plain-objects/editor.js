export function createEditor() {
  let text = "";
  return {
    text: () => text,
    insert(at, piece) { text = text.slice(0, at) + piece + text.slice(at); },
    remove(at, length) { text = text.slice(0, at) + text.slice(at + length); },
  };
}
