export type Shape = Circle | Square | Group;

export interface Circle { readonly kind: 'circle'; readonly radius: number }
export interface Square { readonly kind: 'square'; readonly side: number }
export interface Group { readonly kind: 'group'; readonly shapes: readonly Shape[] }

export const circle = (radius: number): Circle => ({ kind: 'circle', radius });
export const square = (side: number): Square => ({ kind: 'square', side });
export const group = (...shapes: Shape[]): Group => ({ kind: 'group', shapes });

export function area(shape: Shape): number {
  switch (shape.kind) {
    case 'circle':
      return Math.PI * shape.radius ** 2;
    case 'square':
      return shape.side ** 2;
    case 'group':
      return shape.shapes.reduce((sum, one) => sum + area(one), 0);
  }
}

export function count(shape: Shape): number {
  return shape.kind === 'group' ? shape.shapes.reduce((sum, one) => sum + count(one), 0) : 1;
}
