#pragma once
#include <memory>
#include <string>

class Panel {
public:
    virtual ~Panel() = default;
    virtual void write(const std::string& text) = 0;
};

class LedPanel : public Panel {
public:
    void write(const std::string& text) override { row_ = text; }
private:
    std::string row_;
};

class FlapPanel : public Panel {
public:
    void write(const std::string& text) override { flaps_ += text.size(); }
private:
    std::size_t flaps_ = 0;
};

class Display {
public:
    explicit Display(std::shared_ptr<Panel> panel) : panel_(std::move(panel)) {}
    virtual ~Display() = default;
    virtual void show(const std::string& text) { panel_->write(text); }
protected:
    std::shared_ptr<Panel> panel_;
};

class TideDisplay : public Display {
public:
    using Display::Display;
    void show(const std::string& text) override { panel_->write("tide " + text); }
};

class FerryDisplay : public Display {
public:
    using Display::Display;
    void show(const std::string& text) override { panel_->write("ferry " + text); }
};
