#pragma once
#include "sink.h"
#include <cstdio>

class FileSink final : public Sink {
public:
    explicit FileSink(const char* path) : file_(std::fopen(path, "w")) {}
    void put(std::string_view text) override { std::fwrite(text.data(), 1, text.size(), file_); }
    void close() override { std::fclose(file_); }

private:
    std::FILE* file_;
};

class UpperSink final : public SinkWrapper {
public:
    using SinkWrapper::SinkWrapper;
    void put(std::string_view text) override {
        std::string copy(text);
        for (auto& c : copy) c = static_cast<char>(std::toupper(c));
        inner_->put(copy);
    }
};

class LineSink final : public SinkWrapper {
public:
    using SinkWrapper::SinkWrapper;
    void put(std::string_view text) override {
        SinkWrapper::put(text);
        SinkWrapper::put("\n");
    }
};
