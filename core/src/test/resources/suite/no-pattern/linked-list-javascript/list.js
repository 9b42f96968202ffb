class Node {
  constructor(value, next = null) {
    this.value = value;
    this.next = next;
  }

  length() {
    return 1 + (this.next ? this.next.length() : 0);
  }

  sum() {
    return this.value + (this.next ? this.next.sum() : 0);
  }
}

class List {
  constructor() {
    this.head = null;
  }

  push(value) {
    this.head = new Node(value, this.head);
  }

  sum() {
    return this.head ? this.head.sum() : 0;
  }

  length() {
    return this.head ? this.head.length() : 0;
  }
}

const list = new List();
list.push(3);
list.push(4);
console.log(list.sum(), list.length());
