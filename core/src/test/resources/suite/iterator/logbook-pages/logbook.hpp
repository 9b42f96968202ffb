#pragma once
#include <string>
#include <vector>
#include <optional>

class Logbook;

class PageCursor {
public:
    virtual ~PageCursor() = default;
    virtual bool more() const = 0;
    virtual const std::string& advance() = 0;
};

class ForwardCursor : public PageCursor {
public:
    explicit ForwardCursor(const Logbook& book) : book_(book) {}
    bool more() const override;
    const std::string& advance() override;
private:
    const Logbook& book_;
    std::size_t at_ = 0;
};

class BackwardCursor : public PageCursor {
public:
    explicit BackwardCursor(const Logbook& book);
    bool more() const override;
    const std::string& advance() override;
private:
    const Logbook& book_;
    std::size_t left_;
};

class Logbook {
public:
    void enter(const std::string& line) { lines_.push_back(line); }
    std::size_t size() const { return lines_.size(); }
    const std::string& at(std::size_t i) const { return lines_.at(i); }
    ForwardCursor fromStart() const { return ForwardCursor(*this); }
    BackwardCursor fromEnd() const { return BackwardCursor(*this); }
private:
    std::vector<std::string> lines_;
};
