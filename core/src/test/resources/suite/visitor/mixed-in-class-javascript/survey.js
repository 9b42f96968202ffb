import { Hull, Mast } from './parts.js';
import { HeightList, WeightSum } from './readers.js';

export function survey(parts) {
  const sum = new WeightSum();
  const heights = new HeightList();
  for (const part of parts) {
    part.accept(sum);
    part.accept(heights);
  }
  return [sum.total, heights.heights];
}

console.log(survey([new Hull(900), new Mast(80, 12)]));
