import http from 'node:http';

export class Feed {
  constructor(port) {
    this.readings = [];
    this.server = http.createServer((request, response) => {
      response.end(JSON.stringify(this.readings));
    });
    this.server.listen(port);
  }

  add(reading) {
    this.readings.push(reading);
  }
}
