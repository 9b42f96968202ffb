#include "checks.h"

class Bank {
public:
    Bank() : first_(std::make_unique<NameCheck>()) {
        first_->followedBy(std::make_unique<AmountCheck>(90000))->followedBy(std::make_unique<CollateralCheck>());
    }

    bool grant(const Loan& loan) const { return first_->passes(loan); }

private:
    std::unique_ptr<Check> first_;
};
