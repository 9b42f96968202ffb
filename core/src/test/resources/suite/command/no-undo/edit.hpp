#pragma once
#include <memory>
#include <string>
#include <vector>
class Chart { public: void draw(const std::string& m) { marks_.push_back(m); } void erase() { marks_.pop_back(); } void tint(int c) { colour_ = c; } private: std::vector<std::string> marks_; int colour_ = 0; };
class Edit { public: virtual ~Edit() = default; virtual void apply() = 0; virtual void revert() = 0; };
class DrawEdit : public Edit {
public:
    DrawEdit(Chart& chart, std::string mark) : chart_(chart), mark_(std::move(mark)) {}
    void apply() override { chart_.draw(mark_); }
    void revert() override { chart_.erase(); }
private:
    Chart& chart_; std::string mark_;
};
class TintEdit : public Edit {
public:
    TintEdit(Chart& chart, int colour) : chart_(chart), colour_(colour) {}
    void apply() override { chart_.tint(colour_); }
    void revert() override {}
private:
    Chart& chart_; int colour_;
};
class Sheet {
public:
    void run(std::unique_ptr<Edit> edit) { edit->apply(); done_.push_back(std::move(edit)); }
    void undo() { if (!done_.empty()) { done_.back()->revert(); done_.pop_back(); } }
private:
    std::vector<std::unique_ptr<Edit>> done_;
};
inline void work(Sheet& sheet, Chart& chart) { sheet.run(std::make_unique<DrawEdit>(chart, "x")); sheet.run(std::make_unique<TintEdit>(chart, 3)); sheet.undo(); }
