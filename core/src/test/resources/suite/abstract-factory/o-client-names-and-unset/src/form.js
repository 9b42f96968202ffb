const { DarkButton } = require("./themes");

class Form {
  useTheme(theme) {
    this.theme = theme;
  }

  render() {
    const parts = [this.theme.field(), this.theme.button()];
    if (this.urgent) parts.push(new DarkButton());
    return parts.map((part) => part.draw()).join(" ");
  }
}

module.exports = { Form };
