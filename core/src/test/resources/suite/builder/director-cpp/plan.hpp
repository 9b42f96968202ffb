#pragma once
#include <string>
#include <vector>
#include <memory>

class LoadPlan {
public:
    void setDeck(std::string deck) { deck_ = std::move(deck); }
    void addHold(int tons) { holds_.push_back(tons); }
    void setBallast(int tons) { ballast_ = tons; }
private:
    std::string deck_;
    std::vector<int> holds_;
    int ballast_ = 0;
};

class PlanBuilder {
public:
    virtual ~PlanBuilder() = default;
    virtual void planDeck() = 0;
    virtual void planHolds() = 0;
    virtual void planBallast() = 0;
    virtual std::unique_ptr<LoadPlan> result() = 0;
};

class WinterPlanBuilder : public PlanBuilder {
public:
    WinterPlanBuilder() : plan_(std::make_unique<LoadPlan>()) {}
    void planDeck() override { plan_->setDeck("covered"); }
    void planHolds() override { plan_->addHold(300); plan_->addHold(280); }
    void planBallast() override { plan_->setBallast(90); }
    std::unique_ptr<LoadPlan> result() override {
        auto done = std::move(plan_);
        plan_ = std::make_unique<LoadPlan>();
        return done;
    }
private:
    std::unique_ptr<LoadPlan> plan_;
};

class Stevedore {
public:
    void plan(PlanBuilder& builder) {
        builder.planDeck();
        builder.planHolds();
        builder.planBallast();
    }
};
