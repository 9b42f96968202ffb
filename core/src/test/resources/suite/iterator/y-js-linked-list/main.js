import { LinkedList } from "./list.js";

const names = new LinkedList().add("ana").add("bo");
for (const name of names) console.log(name);
console.log([...names].length === names.size);
