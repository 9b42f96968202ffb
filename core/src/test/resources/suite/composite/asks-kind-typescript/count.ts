import { Box, Cargo, Stack } from './stowage';

export function count(cargo: Cargo): number {
  if (cargo instanceof Stack) {
    return cargo.parts.map(count).reduce((a, b) => a + b, 0);
  }
  return cargo instanceof Box ? 1 : 0;
}

const stack = new Stack();
stack.add(new Box(4));
console.log(count(stack), stack.kilos(), stack.label());
