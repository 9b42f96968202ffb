#include "connection.hpp"

namespace net {

Connection::Connection(std::string host, int port, Options options)
    : host_(std::move(host)), port_(port), options_(options) {}

bool Connection::ensure() {
  for (int i = 0; i < options_.retries && !socket_; ++i) {
    socket_ = Socket::connect(host_, port_);
  }
  return static_cast<bool>(socket_);
}

std::optional<std::string> Connection::ask(std::string_view question) {
  if (!ensure()) return std::nullopt;
  socket_.write(question);
  auto answer = socket_.read(4096);
  if (answer.empty()) {
    socket_.close();
    if (onClose_) onClose_(*this);
    return std::nullopt;
  }
  return answer;
}

std::shared_ptr<Connection> Pool::take(const std::string& host, int port) {
  if (idle_.empty()) return std::make_shared<Connection>(host, port);
  auto connection = std::move(idle_.back());
  idle_.pop_back();
  return connection;
}

void Pool::give(std::shared_ptr<Connection> connection) {
  if (idle_.size() < most_) idle_.push_back(std::move(connection));
}

}  // namespace net
