#pragma once
#include <memory>
#include <string>
#include <vector>
class Model { public: void add(std::string part) { parts_.push_back(std::move(part)); } std::size_t size() const { return parts_.size(); } private: std::vector<std::string> parts_; };
class ModelBuilder {
public:
    virtual ~ModelBuilder() = default;
    virtual void buildHull() = 0;
    virtual void buildMast() = 0;
    virtual void buildFlag() = 0;
    std::unique_ptr<Model> release() { return std::move(model_); }
protected:
    std::unique_ptr<Model> model_ = std::make_unique<Model>();
};
class SailBuilder : public ModelBuilder { public: void buildHull() override { model_->add("hull"); } void buildMast() override { model_->add("mast"); } void buildFlag() override { model_->add("flag"); } };
class BargeBuilder : public ModelBuilder { public: void buildHull() override { model_->add("flat hull"); } void buildMast() override {} void buildFlag() override { model_->add("flag"); } };
class Carver { public: explicit Carver(ModelBuilder& builder) : builder_(builder) {} std::unique_ptr<Model> carve() { builder_.buildHull(); builder_.buildMast(); builder_.buildFlag(); return builder_.release(); } private: ModelBuilder& builder_; };
inline std::size_t shop() { SailBuilder s; BargeBuilder b; return Carver(s).carve()->size() + Carver(b).carve()->size(); }
