#pragma once
#include <string>
#include <vector>

class Contract {
public:
    explicit Contract(std::string holder) : holder_(std::move(holder)) {}
    const std::string& holder() const { return holder_; }
    int days() const { return days_; }
    void days(int to) { days_ = to; }
    const std::vector<std::string>& clauses() const { return clauses_; }
    void add(const std::string& clause) { clauses_.push_back(clause); }
    void discount(int percent) { discount_ = percent; }
    int price() const { return days_ * (100 - discount_); }

private:
    std::string holder_;
    int days_ = 30;
    int discount_ = 0;
    std::vector<std::string> clauses_;
};
