interface Leaf<T> { key: string; value: T; left?: Leaf<T>; right?: Leaf<T> }

export class SortedMap<T> implements Iterable<[string, T]> {
  private root?: Leaf<T>;
  private count = 0;

  set(key: string, value: T): this {
    this.root = this.insert(this.root, key, value);
    return this;
  }

  get size(): number { return this.count; }

  *[Symbol.iterator](): Iterator<[string, T]> {
    yield* this.walk(this.root);
  }

  private *walk(leaf?: Leaf<T>): Generator<[string, T]> {
    if (!leaf) return;
    yield* this.walk(leaf.left);
    yield [leaf.key, leaf.value];
    yield* this.walk(leaf.right);
  }

  private insert(leaf: Leaf<T> | undefined, key: string, value: T): Leaf<T> {
    if (!leaf) {
      this.count++;
      return { key, value };
    }
    if (key < leaf.key) leaf.left = this.insert(leaf.left, key, value);
    else if (key > leaf.key) leaf.right = this.insert(leaf.right, key, value);
    else leaf.value = value;
    return leaf;
  }
}
