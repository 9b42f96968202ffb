#pragma once
#include <memory>
#include <string>
#include <utility>

struct Loan {
    std::string borrower;
    int amount;
    bool collateral;
};

class Check {
public:
    virtual ~Check() = default;

    Check* followedBy(std::unique_ptr<Check> next) {
        next_ = std::move(next);
        return next_.get();
    }

    bool passes(const Loan& loan) const {
        if (!ok(loan)) {
            return false;
        }
        return next_ ? next_->passes(loan) : true;
    }

protected:
    virtual bool ok(const Loan& loan) const = 0;

private:
    std::unique_ptr<Check> next_;
};

class NameCheck : public Check {
protected:
    bool ok(const Loan& loan) const override { return !loan.borrower.empty(); }
};

class AmountCheck : public Check {
public:
    explicit AmountCheck(int most) : most_(most) {}

protected:
    bool ok(const Loan& loan) const override { return loan.amount <= most_; }

private:
    int most_;
};

class CollateralCheck : public Check {
protected:
    bool ok(const Loan& loan) const override { return loan.collateral; }
};
