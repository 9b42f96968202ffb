#pragma once
#include <memory>
#include <string>
#include <vector>

class Drawing {
public:
    class Snapshot {
    public:
        ~Snapshot() = default;

    private:
        friend class Drawing;
        Snapshot(std::vector<std::string> strokes, int zoom) : strokes_(std::move(strokes)), zoom_(zoom) {}
        const std::vector<std::string> strokes_;
        const int zoom_;
    };

    void stroke(const std::string& line) { strokes_.push_back(line); }
    void zoom(int by) { zoom_ += by; }

    std::unique_ptr<Snapshot> save() const {
        return std::unique_ptr<Snapshot>(new Snapshot(strokes_, zoom_));
    }

    void restore(const Snapshot& snapshot) {
        strokes_ = snapshot.strokes_;
        zoom_ = snapshot.zoom_;
    }

private:
    std::vector<std::string> strokes_;
    int zoom_ = 100;
};
