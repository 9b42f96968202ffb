const card = {
  title: '',
  tags: [],
  copy() {
    return { ...this, tags: [...this.tags] };
  },
  rename(title) {
    this.title = title;
    return this;
  },
};

class Board {
  constructor() {
    this.cards = [];
  }

  add(title) {
    this.cards.push(card.copy().rename(title));
  }
}

module.exports = { Board };
