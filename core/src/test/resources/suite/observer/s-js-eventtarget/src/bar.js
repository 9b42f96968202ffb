export class ProgressBar {
  constructor(element) { this.element = element; }

  watch(download) {
    download.addEventListener('progress', event => this.paint(event.detail));
    download.addEventListener('done', () => this.element.remove());
  }

  paint(received) {
    this.element.style.width = `${received}px`;
  }
}
