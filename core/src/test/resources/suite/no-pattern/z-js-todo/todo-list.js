import { load, save } from "./store.js";

export class TodoList {
  constructor(root) {
    this.root = root;
    this.todos = load();
    this.filter = "all";
    this.root.querySelector("form").addEventListener("submit", (event) => this.onSubmit(event));
    this.root.querySelector("ul").addEventListener("click", (event) => this.onClick(event));
    this.render();
  }

  onSubmit(event) {
    event.preventDefault();
    const input = event.target.elements.title;
    this.todos.push({ id: Date.now(), title: input.value, done: false });
    input.value = "";
    this.changed();
  }

  onClick(event) {
    const id = Number(event.target.closest("li")?.dataset.id);
    const todo = this.todos.find((one) => one.id === id);
    if (!todo) return;
    todo.done = !todo.done;
    this.changed();
  }

  changed() {
    save(this.todos);
    this.render();
  }

  visible() {
    switch (this.filter) {
      case "open": return this.todos.filter((todo) => !todo.done);
      case "done": return this.todos.filter((todo) => todo.done);
      default: return this.todos;
    }
  }

  render() {
    this.root.querySelector("ul").innerHTML = this.visible()
      .map((todo) => `<li data-id="${todo.id}" class="${todo.done ? "done" : ""}">${todo.title}</li>`)
      .join("");
  }
}
