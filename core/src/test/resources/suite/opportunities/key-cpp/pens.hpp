#pragma once
#include <memory>
#include <stdexcept>
#include <string>

class Pen {
public:
    virtual ~Pen() = default;
    virtual int width() const = 0;
};

class Quill : public Pen {
public:
    int width() const override { return 1; }
};

class Marker : public Pen {
public:
    int width() const override { return 8; }
};

class Letter {
public:
    int write(const std::string& kind, int words) {
        std::unique_ptr<Pen> pen;
        if (kind == "quill") {
            pen = std::make_unique<Quill>();
        } else if (kind == "marker") {
            pen = std::make_unique<Marker>();
        } else {
            throw std::invalid_argument(kind);
        }
        ink_ += pen->width() * words;
        return ink_;
    }

private:
    int ink_ = 0;
};
