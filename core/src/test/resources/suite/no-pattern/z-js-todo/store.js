const KEY = "todos";

export function load(storage = localStorage) {
  try {
    return JSON.parse(storage.getItem(KEY)) ?? [];
  } catch {
    return [];
  }
}

export function save(todos, storage = localStorage) {
  storage.setItem(KEY, JSON.stringify(todos));
}
