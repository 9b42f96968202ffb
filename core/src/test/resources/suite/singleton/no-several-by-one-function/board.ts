import { berthLayout, tugLayout } from './berths';
import { widen } from './layout';

export class Board {
  show(): number {
    widen(berthLayout);
    return berthLayout.width + tugLayout.width;
  }
}
