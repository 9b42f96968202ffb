#pragma once
#include <fstream>
#include <memory>
#include <mutex>
#include <sstream>
#include <string>
#include <vector>
namespace port {
enum class Level { debug, info, warning };
struct Entry { Level level; std::string text; };
class Sink { public: virtual ~Sink() = default; virtual void write(const Entry& entry) = 0; virtual void flush() = 0; };
class FileSink : public Sink {
public:
    explicit FileSink(const std::string& path) : out_(path, std::ios::app) {}
    void write(const Entry& entry) override { out_ << entry.text << '\n'; }
    void flush() override { out_.flush(); }
private:
    std::ofstream out_;
};
class MemorySink : public Sink {
public:
    void write(const Entry& entry) override { entries_.push_back(entry); }
    void flush() override { entries_.clear(); }
    std::size_t size() const { return entries_.size(); }
private:
    std::vector<Entry> entries_;
};
class FilterSink : public Sink {
public:
    FilterSink(std::shared_ptr<Sink> inner, Level least) : inner_(std::move(inner)), least_(least) {}
    void write(const Entry& entry) override { if (entry.level >= least_) inner_->write(entry); }
    void flush() override { inner_->flush(); }
private:
    std::shared_ptr<Sink> inner_;
    Level least_;
};
class TeeSink : public Sink {
public:
    void add(std::shared_ptr<Sink> sink) { sinks_.push_back(std::move(sink)); }
    void write(const Entry& entry) override { for (auto& sink : sinks_) sink->write(entry); }
    void flush() override { for (auto& sink : sinks_) sink->flush(); }
private:
    std::vector<std::shared_ptr<Sink>> sinks_;
};
class Logger {
public:
    static Logger& get() { static Logger logger; return logger; }
    void use(std::shared_ptr<Sink> sink) { std::lock_guard<std::mutex> guard(mutex_); sink_ = std::move(sink); }
    void log(Level level, const std::string& text) {
        std::lock_guard<std::mutex> guard(mutex_);
        if (sink_) sink_->write({level, text});
    }
private:
    Logger() = default;
    Logger(const Logger&) = delete;
    std::mutex mutex_;
    std::shared_ptr<Sink> sink_;
};
}
