import { createEditor } from "./editor.js";
import { InsertCommand, EraseCommand } from "./commands.js";
import { History } from "./history.js";

const editor = createEditor();
const history = new History();
history.run(new InsertCommand(editor, 0, "harbour"));
history.run(new EraseCommand(editor, 4, 3));
history.undo();
console.log(editor.text());
