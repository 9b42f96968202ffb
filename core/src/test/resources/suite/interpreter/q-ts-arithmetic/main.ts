import { parse } from "./parser";

console.log(parse("a + 3 + -b").evaluate(new Map([["a", 1], ["b", 2]])));
