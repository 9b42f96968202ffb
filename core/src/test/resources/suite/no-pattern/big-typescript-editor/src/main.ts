import { AddShape, Drawing, Editor, MoveShape } from './editor';
import { Group, Rect } from './shapes';

const editor = new Editor(new Drawing());
const quay = new Group([new Rect({ x: 0, y: 0, w: 4, h: 2 }), new Rect({ x: 4, y: 0, w: 1, h: 1 })]);
editor.perform(new AddShape(quay));
editor.perform(new MoveShape(quay, 3, 0));
editor.undo();
