class Sender {
  send(message) { this.last = message; return true; }
}
function withStamp(sender) {
  return {
    send(message) {
      return sender.send("stamped " + message);
    }
  };
}
class Office {
  post(message) { return withStamp(new Sender()).send(message); }
}
module.exports = { Sender, Office };
