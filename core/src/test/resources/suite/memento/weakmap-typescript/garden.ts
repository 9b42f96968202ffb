export interface Layout {
  readonly kind: 'layout';
}

interface State {
  beds: string[];
  path: number;
}

const states = new WeakMap<Layout, State>();

export class Garden {
  private beds: string[] = [];
  private path = 0;

  plant(bed: string): void {
    this.beds.push(bed);
    this.path += 2;
  }

  capture(): Layout {
    const layout: Layout = Object.freeze({ kind: 'layout' as const });
    states.set(layout, { beds: [...this.beds], path: this.path });
    return layout;
  }

  reset(layout: Layout): void {
    const state = states.get(layout);
    if (!state) throw new Error('not a layout of this garden');
    this.beds = [...state.beds];
    this.path = state.path;
  }
}
