export class Component {
  constructor(parent) {
    this.parent = parent;
    this.element = document.createElement('div');
    parent.append(this.element);
  }

  show() {
    this.element.hidden = false;
  }

  hide() {
    this.element.hidden = true;
  }
}

export class Dialog extends Component {
  constructor(parent, title) {
    super(parent);
    this.element.className = 'dialog';
    this.title = document.createElement('h2');
    this.title.textContent = title;
    this.element.append(this.title);
    this.element.addEventListener('keydown', (event) => {
      if (event.key === 'Escape') this.hide();
    });
  }

  ask(text) {
    this.title.textContent = text;
    this.show();
    return new Promise((resolve) => {
      this.element.onclick = () => {
        this.hide();
        resolve(true);
      };
    });
  }
}

export class Table extends Component {
  constructor(parent, columns) {
    super(parent);
    this.columns = columns;
    this.rows = [];
  }

  add(row) {
    this.rows.push(row);
    this.draw();
  }

  sort(by) {
    this.rows.sort((a, b) => String(a[by]).localeCompare(String(b[by])));
    this.draw();
  }

  draw() {
    this.element.innerHTML = this.rows
      .map((row) => `<tr>${this.columns.map((column) => `<td>${row[column]}</td>`).join('')}</tr>`)
      .join('');
  }
}
