#pragma once

#include <functional>
#include <map>
#include <memory>
#include <string>
#include <vector>

namespace aldera::cranes {

class Crane;

class Move {
public:
    virtual ~Move() = default;
    virtual void run(Crane& crane) = 0;
    virtual void undo(Crane& crane) = 0;
};

class Lift : public Move {
public:
    explicit Lift(double metres) : metres_(metres) {}
    void run(Crane& crane) override;
    void undo(Crane& crane) override;

private:
    double metres_;
};

struct Position {
    double height = 0;
    double reach = 0;
};

class Load {
public:
    virtual ~Load() = default;
    virtual double tonnes() const = 0;
};

class Container final : public Load {
public:
    explicit Container(double tonnes) : tonnes_(tonnes) {}
    double tonnes() const override { return tonnes_; }

private:
    double tonnes_;
};

template <typename T>
class Pile : public Load {
public:
    void put(std::unique_ptr<T> part) { parts_.push_back(std::move(part)); }
    double tonnes() const override {
        double sum = 0;
        for (const auto& part : parts_) {
            sum += part->tonnes();
        }
        return sum;
    }

private:
    std::vector<std::unique_ptr<T>> parts_;
};

class ALDERA_EXPORT Crane {
public:
    using Watcher = std::function<void(double)>;

    Crane(std::string name, std::shared_ptr<Load> ballast);
    Crane(const Crane&) = delete;
    Crane& operator=(const Crane&) = delete;

    void perform(std::unique_ptr<Move> move);
    void undo();
    void raise(double metres);
    void watch(Watcher watcher);
    auto begin() { return done_.begin(); }
    auto end() { return done_.end(); }

private:
    std::string name_;
    Position at_;
    std::shared_ptr<Load> ballast_;
    Crane* neighbour_ = nullptr;
    std::vector<std::unique_ptr<Move>> done_;
    std::vector<Watcher> watchers_;
};

class Yard {
public:
    static Yard& instance();
    Crane& crane(const std::string& name);

private:
    Yard() = default;
    std::map<std::string, std::unique_ptr<Crane>> cranes_;
};

}  // namespace aldera::cranes
