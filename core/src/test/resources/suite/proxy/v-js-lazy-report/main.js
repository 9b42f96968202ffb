const { openReport } = require("./report");

class Page {
  constructor(report) {
    this.report = report;
  }

  render() {
    return [...this.report.lines(), this.report.total()].join("\n");
  }
}

console.log(new Page(openReport("sales.json")).render());
