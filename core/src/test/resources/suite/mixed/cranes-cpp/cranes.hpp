#pragma once
#include <map>
#include <memory>
#include <string>
#include <vector>

class Drive {
public:
    virtual ~Drive() = default;
    virtual void turn(int degrees) = 0;
    virtual void stop() = 0;
};

class ElectricDrive final : public Drive {
public:
    void turn(int degrees) override { amps_ += degrees; }
    void stop() override { amps_ = 0; }

private:
    int amps_ = 0;
};

class DieselDrive final : public Drive {
public:
    void turn(int degrees) override { revs_ = degrees * 10; }
    void stop() override { revs_ = 0; }

private:
    int revs_ = 0;
};

class Crane {
public:
    explicit Crane(std::unique_ptr<Drive> drive) : drive_(std::move(drive)) {}
    virtual ~Crane() = default;
    virtual void lift(int tons) { drive_->turn(tons * 3); }
    void halt() { drive_->stop(); }

protected:
    Drive& drive() { return *drive_; }

private:
    std::unique_ptr<Drive> drive_;
};

class GantryCrane : public Crane {
public:
    using Crane::Crane;
    void lift(int tons) override {
        drive().turn(90);
        Crane::lift(tons);
    }
};

class Hook {
public:
    explicit Hook(std::string size) : size_(std::move(size)) {}
    const std::string& size() const { return size_; }

private:
    const std::string size_;
};

class HookRack {
public:
    std::shared_ptr<const Hook> hook(const std::string& size) {
        auto found = hooks_.find(size);
        if (found == hooks_.end()) {
            found = hooks_.emplace(size, std::make_shared<const Hook>(size)).first;
        }
        return found->second;
    }

private:
    std::map<std::string, std::shared_ptr<const Hook>> hooks_;
};
