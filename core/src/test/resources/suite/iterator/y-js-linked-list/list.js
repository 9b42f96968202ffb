class Node {
  constructor(value, next = null) {
    this.value = value;
    this.next = next;
  }
}

export class LinkedList {
  #head = null;
  #size = 0;

  add(value) {
    this.#head = new Node(value, this.#head);
    this.#size++;
    return this;
  }

  get size() { return this.#size; }

  *[Symbol.iterator]() {
    let node = this.#head;
    while (node) {
      yield node.value;
      node = node.next;
    }
  }
}
