class Desk {
  setNext(next) {
    this.next = next;
    return next;
  }

  answer(question) {
    if (this.next) {
      return this.next.answer(question);
    }
    return 'nobody knows';
  }
}

class Porter extends Desk {
  answer(question) {
    if (question.topic === 'keys') {
      return 'second drawer';
    }
    return super.answer(question);
  }
}

class Caretaker extends Desk {
  answer(question) {
    if (question.topic === 'heating') {
      return 'on at six';
    }
    return super.answer(question);
  }
}

class Head extends Desk {
  answer(question) {
    return question.urgent ? 'come in' : super.answer(question);
  }
}

module.exports = { Porter, Caretaker, Head };
