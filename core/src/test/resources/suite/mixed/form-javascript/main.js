import { createForm } from "./form.js";

const form = createForm({ length: (metres) => metres > 0 });
const log = (name, value) => console.log(name, value);
form.onChange(log);
form.set("length", 40);
const saved = form.save();
form.set("length", 60);
form.restore(saved);
form.offChange(log);
