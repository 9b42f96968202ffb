#pragma once
#include <string>
#include <vector>

class Log {
public:
    static Log& get() {
        static Log log;
        return log;
    }
    static Log* fresh() { return new Log(); }
    void write(const std::string& line) { lines_.push_back(line); }
    Log(const Log&) = delete;
    Log& operator=(const Log&) = delete;

private:
    Log() = default;
    std::vector<std::string> lines_;
};
