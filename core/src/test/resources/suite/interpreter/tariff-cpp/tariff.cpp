#include <map>
#include <memory>
#include <string>

using Figures = std::map<std::string, double>;

class Term {
public:
    virtual ~Term() = default;
    virtual double value(const Figures& figures) const = 0;
};

class Number : public Term {
    double n_;
public:
    explicit Number(double n) : n_(n) {}
    double value(const Figures&) const override { return n_; }
};

class Figure : public Term {
    std::string name_;
public:
    explicit Figure(std::string name) : name_(std::move(name)) {}
    double value(const Figures& figures) const override { return figures.at(name_); }
};

class Sum : public Term {
    std::shared_ptr<Term> left_, right_;
public:
    Sum(std::shared_ptr<Term> l, std::shared_ptr<Term> r) : left_(l), right_(r) {}
    double value(const Figures& figures) const override {
        return left_->value(figures) + right_->value(figures);
    }
};

class Times : public Term {
    std::shared_ptr<Term> left_;
    std::shared_ptr<Term> right_;
public:
    Times(std::shared_ptr<Term> l, std::shared_ptr<Term> r) : left_(l), right_(r) {}
    double value(const Figures& figures) const override {
        return left_->value(figures) * right_->value(figures);
    }
};
