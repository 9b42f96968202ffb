import { BerthList } from "./berths";

export function longest(list: BerthList): string {
  let best = "";
  for (const berth of list) {
    if (berth.length > best.length) best = berth;
  }
  return best;
}
