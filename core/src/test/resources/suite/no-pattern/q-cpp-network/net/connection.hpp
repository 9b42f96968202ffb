#pragma once
#include <chrono>
#include <cstddef>
#include <functional>
#include <memory>
#include <optional>
#include <string>
#include <string_view>
#include <utility>

namespace net {

class Error : public std::runtime_error {
 public:
  using std::runtime_error::runtime_error;
};

struct Options {
  std::chrono::milliseconds timeout{5000};
  int retries = 3;
  bool keepAlive = true;
};

class Socket {
 public:
  Socket() noexcept = default;
  explicit Socket(int fd) noexcept : fd_(fd) {}
  Socket(Socket&& other) noexcept : fd_(std::exchange(other.fd_, -1)) {}
  Socket& operator=(Socket&& other) noexcept {
    if (this != &other) {
      close();
      fd_ = std::exchange(other.fd_, -1);
    }
    return *this;
  }
  Socket(const Socket&) = delete;
  Socket& operator=(const Socket&) = delete;
  ~Socket() { close(); }

  static Socket connect(const std::string& host, int port);
  std::ptrdiff_t write(std::string_view data);
  std::string read(std::size_t most);
  void close() noexcept;
  explicit operator bool() const noexcept { return fd_ >= 0; }

 private:
  int fd_ = -1;
};

class Connection {
 public:
  using OnClose = std::function<void(const Connection&)>;
  Connection(std::string host, int port, Options options = {});
  std::optional<std::string> ask(std::string_view question);
  void onClose(OnClose callback) { onClose_ = std::move(callback); }
  const Options& options() const { return options_; }

 private:
  bool ensure();
  std::string host_;
  int port_;
  Options options_;
  Socket socket_;
  OnClose onClose_;
};

class Pool {
 public:
  explicit Pool(std::size_t most) : most_(most) {}
  std::shared_ptr<Connection> take(const std::string& host, int port);
  void give(std::shared_ptr<Connection> connection);

 private:
  std::size_t most_;
  std::vector<std::shared_ptr<Connection>> idle_;
};

}  // namespace net
