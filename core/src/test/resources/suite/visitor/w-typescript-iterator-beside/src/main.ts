import { Folder, Page } from "./tree";
import { Outline, WordCount } from "./visits";

const tree = new Folder().add(new Page(120)).add(new Folder().add(new Page(30)));
console.log(tree.accept(new WordCount()), tree.accept(new Outline()));
