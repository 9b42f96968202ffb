import { parse } from "./grammar";

const rule = parse("both longer 30 not flag AL".split(" "));
console.log(rule.holds({ length: 40, flag: "BR" }));
