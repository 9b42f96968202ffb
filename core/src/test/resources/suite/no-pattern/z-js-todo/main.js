import { TodoList } from "./todo-list.js";

document.querySelectorAll(".todo").forEach((root) => new TodoList(root));
