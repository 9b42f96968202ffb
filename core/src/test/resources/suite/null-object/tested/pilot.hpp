#pragma once
#include <memory>
#include <string>
class Advice { public: virtual ~Advice() = default; virtual int speed(int depth) const = 0; virtual void note(const std::string& t) = 0; };
class PilotAdvice : public Advice { public: int speed(int depth) const override { return depth > 10 ? 12 : 4; } void note(const std::string& t) override { log_ += t; } private: std::string log_; };
class NoAdvice : public Advice { public: explicit NoAdvice(std::string why) : why_(std::move(why)) {} int speed(int) const override { return 0; } void note(const std::string&) override {} private: std::string why_; };
class Helm {
public:
    explicit Helm(std::shared_ptr<Advice> advice) : advice_(advice ? advice : std::make_shared<NoAdvice>("none")) {}
    int go(int depth) { if (advice_ != nullptr) { advice_->note("go"); } return advice_->speed(depth); }
private:
    std::shared_ptr<Advice> advice_;
};
inline int trip() { Helm a(std::make_shared<PilotAdvice>()); Helm b(nullptr); return a.go(4) + b.go(4); }
