#include <memory>
class Coat { public: virtual ~Coat() = default; virtual int warm() const = 0; };
class Boot { public: virtual ~Boot() = default; virtual int grip() const = 0; };
class FurCoat : public Coat { public: int warm() const override { return 9; } };
class LinenCoat : public Coat { public: int warm() const override { return 1; } };
class FurBoot : public Boot { public: int grip() const override { return 8; } };
class Sandal : public Boot { public: int grip() const override { return 2; } };
class Outfitter {
public:
    virtual ~Outfitter() = default;
    virtual std::unique_ptr<Coat> coat() const = 0;
    virtual std::unique_ptr<Boot> boot() const = 0;
};
class ArcticOutfitter : public Outfitter {
public:
    std::unique_ptr<Coat> coat() const override { return std::make_unique<FurCoat>(); }
    std::unique_ptr<Boot> boot() const override { return std::make_unique<FurBoot>(); }
};
class TropicOutfitter : public Outfitter {
public:
    std::unique_ptr<Coat> coat() const override { return std::make_unique<LinenCoat>(); }
    std::unique_ptr<Boot> boot() const override { return std::make_unique<Sandal>(); }
};
class Crew {
public:
    explicit Crew(const Outfitter& o) : outfitter_(o) {}
    int dress() const { return outfitter_.coat()->warm() + outfitter_.boot()->grip(); }
private:
    const Outfitter& outfitter_;
};
