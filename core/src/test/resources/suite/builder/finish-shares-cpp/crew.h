#pragma once
#include <memory>
#include <string>
#include <vector>

class Crew {
public:
    void add(std::string name) { names_.push_back(std::move(name)); }
    void captain(std::string name) { captain_ = std::move(name); }
    std::size_t size() const { return names_.size(); }
private:
    std::vector<std::string> names_;
    std::string captain_;
};

class CrewBuilder {
public:
    virtual ~CrewBuilder() = default;
    virtual void addHand(const std::string& name) = 0;
    virtual void addCaptain(const std::string& name) = 0;
    virtual std::shared_ptr<Crew> crew() = 0;
};

class TugCrewBuilder : public CrewBuilder {
public:
    void addHand(const std::string& name) override { crew_->add(name); }
    void addCaptain(const std::string& name) override { crew_->captain(name); }
    std::shared_ptr<Crew> crew() override { return crew_; }
private:
    std::shared_ptr<Crew> crew_ = std::make_shared<Crew>();
};

class NightCrewBuilder : public CrewBuilder {
public:
    void addHand(const std::string& name) override { crew_->add(name + " (night)"); }
    void addCaptain(const std::string&) override {}
    std::shared_ptr<Crew> crew() override {
        auto done = crew_;
        crew_ = std::make_shared<Crew>();
        return done;
    }
private:
    std::shared_ptr<Crew> crew_ = std::make_shared<Crew>();
};

class CrewOffice {
public:
    std::shared_ptr<Crew> hire(CrewBuilder& builder) const {
        builder.addCaptain("Vera");
        builder.addHand("Tomas");
        return builder.crew();
    }
    std::shared_ptr<Crew> tug() const {
        TugCrewBuilder builder;
        return hire(builder);
    }
};
