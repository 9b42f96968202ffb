#include <memory>
class Sluice;
class SluiceState {
public:
    virtual ~SluiceState() = default;
    virtual void pull(Sluice& sluice) = 0;
};
class Sluice {
public:
    Sluice();
    void change(std::unique_ptr<SluiceState> next) { state_ = std::move(next); }
    void pull() { state_->pull(*this); }
private:
    std::unique_ptr<SluiceState> state_;
};
class Raised : public SluiceState {
public:
    void pull(Sluice& sluice) override;
};
class Lowered : public SluiceState {
public:
    void pull(Sluice& sluice) override;
};
