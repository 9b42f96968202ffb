import { Expression, Literal, Negation, Sum, Variable } from "./expressions";

export function parse(text: string): Expression {
  const terms = text.split("+").map((term) => term.trim());
  return new Sum(terms.map(term));
}

function term(text: string): Expression {
  if (text.startsWith("-")) return new Negation(term(text.slice(1)));
  return /^\d+$/.test(text) ? new Literal(Number(text)) : new Variable(text);
}
