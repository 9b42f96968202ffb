#include "slots.hpp"

class Machine {
public:
    Machine() : first_(std::make_shared<EuroSlot>()) {
        first_->next(std::make_shared<DimeSlot>());
    }
    void insert(const Coin& coin) { cents_ += first_->take(coin); }

private:
    std::shared_ptr<Slot> first_;
    int cents_ = 0;
};
