#pragma once
#include <iostream>
#include <string>
#include <vector>

class Report {
public:
    virtual ~Report() = default;

    void print(std::ostream& out) const {
        out << title() << '\n';
        for (const auto& row : rows()) {
            out << format(row) << '\n';
        }
        if (signedOff()) out << "signed\n";
    }

private:
    virtual std::string title() const = 0;
    virtual std::vector<int> rows() const = 0;
    virtual std::string format(int row) const { return std::to_string(row); }
    virtual bool signedOff() const { return false; }
};

class TideReport : public Report {
    std::string title() const override { return "tides"; }
    std::vector<int> rows() const override { return {3, 1, 4}; }
    std::string format(int row) const override { return std::to_string(row) + " m"; }
};

class CashReport : public Report {
public:
    explicit CashReport(std::vector<int> cents) : cents_(std::move(cents)) {}
private:
    std::string title() const override { return "cash"; }
    std::vector<int> rows() const override { return cents_; }
    bool signedOff() const override { return true; }
    std::vector<int> cents_;
};
