#pragma once
#include <memory>
#include <string>
#include <utility>

struct Sink {
    virtual ~Sink() = default;
    virtual void put(std::string_view text) = 0;
    virtual void close() = 0;
};

class SinkWrapper : public Sink {
public:
    explicit SinkWrapper(std::unique_ptr<Sink> inner) : inner_(std::move(inner)) {}
    void put(std::string_view text) override { inner_->put(text); }
    void close() override { inner_->close(); }

protected:
    std::unique_ptr<Sink> inner_;
};
