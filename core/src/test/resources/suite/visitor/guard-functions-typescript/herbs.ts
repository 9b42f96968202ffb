export interface HerbVisitor<R> {
  visitRoot(root: Root): R;
  visitBlossom(blossom: Blossom): R;
}

export interface Herb {
  accept<R>(visitor: HerbVisitor<R>): R;
}

export class Root implements Herb {
  constructor(readonly depth: number) {}
  accept<R>(visitor: HerbVisitor<R>): R {
    return visitor.visitRoot(this);
  }
}

export class Blossom implements Herb {
  constructor(readonly petals: number) {}
  accept<R>(visitor: HerbVisitor<R>): R {
    return visitor.visitBlossom(this);
  }
}

export const drying: HerbVisitor<number> = {
  visitRoot: (root) => root.depth * 3,
  visitBlossom: (blossom) => blossom.petals,
};

export const naming: HerbVisitor<string> = {
  visitRoot(root) {
    return `root ${root.depth}`;
  },
  visitBlossom(blossom) {
    return `blossom ${blossom.petals}`;
  },
};
