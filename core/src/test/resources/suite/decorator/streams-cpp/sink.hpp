#pragma once
#include <memory>
#include <string>
#include <utility>

class Sink {
public:
    virtual ~Sink() = default;
    virtual void put(const std::string& line) = 0;
    virtual void flush() = 0;
};

class MemorySink : public Sink {
public:
    void put(const std::string& line) override { text_ += line; }
    void flush() override { flushed_ = true; }

private:
    std::string text_;
    bool flushed_ = false;
};

class SinkDecorator : public Sink {
public:
    explicit SinkDecorator(std::unique_ptr<Sink> inner) : inner_(std::move(inner)) {}
    void put(const std::string& line) override { inner_->put(line); }
    void flush() override { inner_->flush(); }

protected:
    std::unique_ptr<Sink> inner_;
};

class NumberedSink : public SinkDecorator {
public:
    using SinkDecorator::SinkDecorator;
    void put(const std::string& line) override {
        inner_->put(std::to_string(++count_) + " " + line);
    }

private:
    int count_ = 0;
};

class IndentedSink : public SinkDecorator {
public:
    using SinkDecorator::SinkDecorator;
    void put(const std::string& line) override { SinkDecorator::put("    " + line); }
};
