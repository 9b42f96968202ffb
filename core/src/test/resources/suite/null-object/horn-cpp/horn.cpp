#include <memory>

class Horn {
public:
    virtual ~Horn() = default;
    virtual void blow(int seconds) = 0;
    virtual int blown() const { return 0; }
};

class AirHorn : public Horn {
public:
    void blow(int seconds) override { total += seconds; }
    int blown() const override { return total; }
private:
    int total = 0;
};

class NoHorn : public Horn {
public:
    void blow(int) override {}
};

class Launch {
public:
    explicit Launch(std::unique_ptr<Horn> horn = std::make_unique<NoHorn>()) : horn_(std::move(horn)) {}
    void leave() {
        horn_->blow(3);
        away_ = true;
    }
private:
    std::unique_ptr<Horn> horn_;
    bool away_ = false;
};
