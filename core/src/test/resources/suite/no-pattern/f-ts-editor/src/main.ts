import { ManifestText } from './document';
import { Erasing, Several, Typing } from './edits';
import { Autosave, History } from './history';

const doc = new ManifestText();
const history = new History();
const autosave = new Autosave(doc);
history.run(new Typing(doc, 'timber'));
autosave.tick();
history.run(new Several(new Erasing(doc, 2), new Typing(doc, '40 t')));
history.undo();
autosave.recover();
