#ifndef LOG_H
#define LOG_H
#include <string>
#include <vector>

class PortLog {
public:
    static PortLog& get() {
        static PortLog theLog;
        return theLog;
    }
    PortLog(const PortLog&) = delete;
    PortLog& operator=(const PortLog&) = delete;

    void note(const std::string& line) { lines_.push_back(line); }
    std::size_t size() const { return lines_.size(); }

private:
    PortLog() = default;
    std::vector<std::string> lines_;
};
#endif
