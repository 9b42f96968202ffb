class DepartureBoard {
  constructor(url) {
    this.url = url;
    this.rows = [];
    setInterval(() => this.refresh(), 60000);
    this.refresh();
  }

  async refresh() {
    const answer = await fetch(this.url);
    this.rows = await answer.json();
  }
}

const board = new DepartureBoard("/departures");
console.log(board.rows.length);
